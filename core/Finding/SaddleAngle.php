<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Too little angle behind the saddle. */
final class SaddleAngle implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'saddle-angle',
            Place::BehindSaddle,
            'The strings go down behind the saddle by only {angle_deg}; your least is {least_deg}. [cure=unwrap|String the tailpiece from behind instead of wrapping over it.][cure=lower|Lower the tailpiece, or raise the saddle with the action in mind.]',
            FitAspect::SaddleAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $saddle = $design->instrument->hardware->saddle;
        $leastDeg = $limits->of(Limit::SaddleAngle);
        $angleRad = $saddle->breakAngleRad();
        if ($angleRad === null || rad2deg($angleRad) >= $leastDeg - 1e-9) {
            return [];
        }

        return [self::type()->caution(
            Remedy::Adjust,
            ['angle_deg' => rad2deg($angleRad), 'least_deg' => $leastDeg, 'cure' => $saddle->overWrapRiseM > 0 ? 'unwrap' : 'lower'],
        )
            ->measured(rad2deg($angleRad), $leastDeg, Unit::Degrees, Limit::SaddleAngle->reason())];
    }
}
