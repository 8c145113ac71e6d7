<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/**
 * Too little angle behind the nut. Where it is known what is on the instrument now, an angle no smaller than that one has there is none:
 * it holds as it is.
 */
final class NutAngle implements Rule
{
    private const AS_IT_IS_DEG = 1e-9;

    public static function type(): FindingType
    {
        return new FindingType(
            'nut-angle',
            Place::BehindNut,
            'Behind the nut string {string} goes down by {angle_deg} with {turns:1} turns on its post[now=known|, less than the {now_deg} of what is on it now]; your least is {least_deg}. [tree=there|Lower its string tree.][tree=none|More turns would only bunch: a string tree cures it.]',
            FitAspect::NutAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $leastDeg = $limits->of(Limit::NutAngle);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $angleDeg = $string->fit->nutAngleDeg;
            $nowDeg = ($evaluation->baseline->strings[$string->position - 1] ?? null)?->fit->nutAngleDeg;
            if ($angleDeg !== null && $angleDeg < min($leastDeg, $nowDeg ?? INF) - self::AS_IT_IS_DEG) {
                $found[] = self::type()->caution(Remedy::Adjust, [
                    'string' => $string->position, 'angle_deg' => $angleDeg, 'turns' => $string->fit->turns, 'least_deg' => $leastDeg,
                    'now' => $nowDeg === null ? 'unknown' : 'known', 'now_deg' => $nowDeg ?? $leastDeg,
                    'tree' => isset($design->instrument->hardware->trees[$string->position]) ? 'there' : 'none',
                ])->onString($string->position)->measured($angleDeg, $leastDeg, Unit::Degrees, Limit::NutAngle->reason());
            }
        }

        return $found;
    }
}
