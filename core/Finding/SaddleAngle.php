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
            'The strings go down behind the saddle by only {angle_deg}; your least is {least_deg}. [cure=unwrap|From behind instead of wrapped over it would be {other_deg}.][cure=both|Even from behind it would be {other_deg}: lower the tailpiece.][cure=lower|Lower the tailpiece, or raise the saddle with the action in mind.]',
            FitAspect::SaddleAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $hardware = $design->instrument->hardware;
        $leastDeg = $limits->of(Limit::SaddleAngle);
        $angleRad = $hardware->saddle->breakAngleRad($hardware->wrapsOver());
        if ($angleRad === null || rad2deg($angleRad) >= $leastDeg - 1e-9) {
            return [];
        }

        $behindDeg = rad2deg((float) $hardware->saddle->breakAngleRad(wrapped: false));

        return [self::type()->caution(
            Remedy::Adjust,
            ['angle_deg' => rad2deg($angleRad), 'least_deg' => $leastDeg, 'other_deg' => $behindDeg, 'cure' => match (true) {
                ! $hardware->wrapsOver() => 'lower',
                $behindDeg >= $leastDeg => 'unwrap',
                default => 'both',
            }],
        )
            ->measured(rad2deg($angleRad), $leastDeg, Unit::Degrees, Limit::SaddleAngle->reason())];
    }
}
