<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** Tuner posts: whether the string goes through the hole, and how many turns its angle needs. */
final class PostFit implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $holeMm = ($design->instrument->hardware->posts->holeDiameterM ?? 0.0) * 1000;
        $found = [];
        foreach ($evaluation->strings as $string) {
            $stringMm = $string->string->build->outerDiameterM * 1000;
            if ($holeMm > 0 && $stringMm > $holeMm + 1e-9) {
                $found[] = Finding::stop('post-hole', Remedy::String, sprintf(
                    'String %d is %.2f mm and the hole in its post %.2f mm: it does not go through. Choose a lighter one, or one with a tapered end.',
                    $string->position, $stringMm, $holeMm,
                ))->onString($string->position)->measured($stringMm, $holeMm, Unit::Millimetres, 'A string goes through its post only if the hole is wider.');
            }
            $fit = $string->fit;
            if ($fit->turnsNeeded !== null && $fit->turns > $fit->fewestTurns + 1e-9 && $fit->turns + 1e-9 >= $fit->turnsNeeded) {
                $found[] = Finding::note('more-turns', Remedy::Adjust, sprintf(
                    'String %d needs %.1f turns on its post for its angle behind the nut; %.1f are usual. Leave %.0f mm.',
                    $string->position, $fit->turns, $fit->fewestTurns, (float) $fit->leaveM * 1000,
                ))->onString($string->position)->measured($fit->turns, $fit->fewestTurns, Unit::Turns, 'Each turn goes lower on the post and steepens the angle behind the nut; a thinner string goes down less with each.');
            }
        }

        return $found;
    }
}
