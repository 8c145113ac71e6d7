<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Too much angle behind the saddle. */
final class SaddleSteep implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'saddle-angle-steep',
            Place::BehindSaddle,
            'The strings go down behind the saddle by {angle_deg}; beyond {most_deg} they feel stiffer and break there sooner. [cure=wrap|Raise the tailpiece, or wrap the strings over it.][cure=wrapped|Raise the tailpiece.]',
            FitAspect::SaddleAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $saddle = $design->instrument->hardware->saddle;
        $mostDeg = $limits->of(Limit::SaddleAngleMost);
        $angleRad = $saddle->breakAngleRad();
        if ($angleRad === null || rad2deg($angleRad) <= $mostDeg + 1e-9) {
            return [];
        }

        return [self::type()->note(
            Remedy::Adjust,
            ['angle_deg' => rad2deg($angleRad), 'most_deg' => $mostDeg, 'cure' => $saddle->overWrapRiseM > 0 ? 'wrapped' : 'wrap'],
        )
            ->measured(rad2deg($angleRad), $mostDeg, Unit::Degrees, Limit::SaddleAngleMost->reason())];
    }
}
