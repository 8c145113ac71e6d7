<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A steel core on an instrument that was built for nylon. */
final class SteelOnNylon implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'steel-on-nylon',
            Place::String,
            'String {string} has a steel core and this instrument was built for nylon: steel pulls it apart. Use nylon, fluorocarbon or synthetic gut.',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $suits = Suitability::of($design);
        $found = [];
        foreach ($evaluation->strings as $string) {
            if ($suits->isPulledApartBy($string->string)) {
                $found[] = self::type()->stop(Remedy::String, ['string' => $string->position])->onString($string->position);
            }
        }

        return $found;
    }
}
