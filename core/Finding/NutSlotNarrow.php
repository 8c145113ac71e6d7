<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string wider than its nut slot; an elastomer one gets thinner as it is stretched, and gives. */
final class NutSlotNarrow implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'nut-slot-narrow',
            Place::Nut,
            'Nut slot {string} is {slot_mm:2} and the string {string_mm:2}: it will sit high. A repairer widens the slot.',
            FitAspect::NutSlot,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $string) {
            $slotMm = ($design->instrument->hardware->nutSlotM($string->position) ?? 0.0) * 1000;
            $stringMm = $string->string->build->outerDiameterM * 1000;
            if ($string->string->build->core !== null && $design->instrument->hardware->pinches($string->position, $string->string->build->outerDiameterM)) {
                $found[] = self::type()->caution(
                    Remedy::Repairer,
                    ['string' => $string->position, 'slot_mm' => $slotMm, 'string_mm' => $stringMm],
                )
                    ->onString($string->position)->measured(
                        $stringMm,
                        $slotMm,
                        Unit::Millimetres,
                        'A string wider than its slot rides on the edges: too high, and it pinches and drifts.',
                    );
            }
        }

        return $found;
    }
}
