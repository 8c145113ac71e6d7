<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Too little angle behind the nut. */
final class NutAngle implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'nut-angle',
            Place::BehindNut,
            'Behind the nut string {string} goes down by {angle_deg} with {turns:1} turns on its post; your least is {least_deg}. [tree=there|Lower its string tree.][tree=none|More turns would only bunch: a string tree cures it.]',
            FitAspect::NutAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $leastDeg = $limits->of(Limit::NutAngle);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $angleDeg = $string->fit->nutAngleDeg;
            if ($angleDeg !== null && $angleDeg < $leastDeg - 1e-9) {
                $found[] = self::type()->caution(Remedy::Adjust, [
                    'string' => $string->position, 'angle_deg' => $angleDeg, 'turns' => $string->fit->turns, 'least_deg' => $leastDeg,
                    'tree' => isset($design->instrument->hardware->trees[$string->position]) ? 'there' : 'none',
                ])->onString($string->position)->measured($angleDeg, $leastDeg, Unit::Degrees, Limit::NutAngle->reason());
            }
        }

        return $found;
    }
}
