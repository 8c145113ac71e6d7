<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A lower string that is thinner than its higher neighbour: rarely meant. Judged by pitch, so octave and re-entrant tunings pass. */
final class GaugeOrder implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $index => $string) {
            $next = $evaluation->strings[$index + 1] ?? null;
            if ($next === null) {
                continue;
            }
            $interval = $string->tunings[0]->frequencyHz <=> $next->tunings[0]->frequencyHz;
            [$lower, $higher] = $interval >= 0 ? [$next, $string] : [$string, $next];
            if ($interval !== 0 && $lower->string->build->outerDiameterM < $higher->string->build->outerDiameterM - 1e-9) {
                $found[] = Finding::note('gauge-order', Remedy::String, sprintf(
                    'String %d is lower than string %d and thinner. Check that they are not swapped.',
                    $lower->position, $higher->position,
                ))->onString($lower->position)->measured($lower->string->build->outerDiameterM * 1000, $higher->string->build->outerDiameterM * 1000, Unit::Millimetres, 'A lower string is usually the thicker one of the two; neighbours are easily swapped.');
            }
        }

        return $found;
    }
}
