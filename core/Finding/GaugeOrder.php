<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/**
 * A lower string that is thinner than its higher neighbour: rarely meant. Judged by pitch, so octave and re-entrant tunings pass; a
 * plain and a wound string are not compared, for a wound one is heavier than a plain one of its gauge, or, on nylon, thinner.
 */
final class GaugeOrder implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'gauge-order',
            Place::String,
            'String {string} is lower than string {higher} and thinner. Check that they are not swapped.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach (Neighbours::of($design, $evaluation) as [$string, $next]) {
            $interval = $string->tunings[0]->frequencyHz <=> $next->tunings[0]->frequencyHz;
            [$lower, $higher] = $interval >= 0 ? [$next, $string] : [$string, $next];
            [$lowerM, $higherM] = [$lower->string->build->outerDiameterM, $higher->string->build->outerDiameterM];
            $alike = $lower->string->spec->type->construction->isWound() === $higher->string->spec->type->construction->isWound();
            if ($alike && $interval !== 0 && $lowerM < $higherM - 1e-9) {
                $found[] = self::type()->note(Remedy::String, ['string' => $lower->position, 'higher' => $higher->position])
                    ->onString($lower->position)->measured(
                        $lowerM * 1000,
                        $higherM * 1000,
                        Unit::Millimetres,
                        'A lower string is usually the thicker one of the two; neighbours are easily swapped.',
                    );
            }
        }

        return $found;
    }
}
