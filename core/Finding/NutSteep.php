<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Too much angle behind the nut. */
final class NutSteep implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'nut-angle-steep',
            Place::BehindNut,
            'Behind the nut string {string} goes down by {angle_deg}; beyond {most_deg} it binds in its slot, feels stiffer and wears. [cure=tree|Raise its string tree.][cure=turns|Wind fewer turns.][cure=none|Look after the slot, and keep it smooth.]',
            FitAspect::NutAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $mostDeg = $limits->of(Limit::NutAngleMost);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $angleDeg = $string->fit->nutAngleDeg;
            if ($angleDeg !== null && $angleDeg > $mostDeg + 1e-9) {
                $found[] = self::type()->note(Remedy::Adjust, [
                    'string' => $string->position,
                    'angle_deg' => $angleDeg,
                    'most_deg' => $mostDeg,
                    'cure' => match (true) {
                        isset($design->instrument->hardware->trees[$string->position]) => 'tree',
                        $string->fit->turns > $string->fit->usualTurns + 1e-9 => 'turns',
                        default => 'none',
                    },
                ])->onString($string->position)->measured($angleDeg, $mostDeg, Unit::Degrees, Limit::NutAngleMost->reason());
            }
        }

        return $found;
    }
}
