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
            'The strings go down behind the saddle by {angle_deg}; beyond {most_deg} they feel stiffer and break there sooner. [cure=over|Wrapped over the tailpiece it would be {other_deg}.][cure=wrap|Raise the tailpiece, or wrap the strings over it.][cure=raise|Raise what holds them.][cure=glued|A lower saddle is for a qualified repairer.]',
            FitAspect::SaddleAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $hardware = $design->instrument->hardware;
        $saddle = $hardware->saddle;
        $mostDeg = $limits->of(Limit::SaddleAngleMost);
        $angleRad = $saddle->breakAngleRad($hardware->wrapsOver());
        if ($angleRad === null || rad2deg($angleRad) <= $mostDeg + 1e-9) {
            return [];
        }

        $canWrap = ! $hardware->wrapsOver() && $hardware->anchor->canBeWrapped();

        return [self::type()->note(
            Remedy::Adjust,
            ['angle_deg' => rad2deg($angleRad), 'most_deg' => $mostDeg, 'other_deg' => rad2deg((float) $saddle->breakAngleRad(wrapped: true)), 'cure' => match (true) {
                $canWrap && $saddle->overWrapRiseM > 0.0 => 'over',
                $canWrap => 'wrap',
                $hardware->anchor->isGluedOn() => 'glued',
                default => 'raise',
            }],
        )
            ->measured(rad2deg($angleRad), $mostDeg, Unit::Degrees, Limit::SaddleAngleMost->reason())];
    }
}
