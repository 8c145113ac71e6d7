<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A nut slot that leaves its string play. */
final class NutSlotWide implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'nut-slot-wide',
            Place::Nut,
            'Nut slot {string} is {slot_mm:2} and the string {string_mm:2}: it may rattle. Try it; a repairer fills the slot or makes a new nut.',
            FitAspect::NutSlot,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $playMm = $limits->of(Limit::SlotPlay);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $slotMm = ($design->instrument->hardware->nutSlotM($string->position) ?? 0.0) * 1000;
            $stringMm = $string->string->build->outerDiameterM * 1000;
            if ($slotMm - $stringMm > $playMm + 1e-9) {
                $found[] = self::type()->note(
                    Remedy::Repairer,
                    ['string' => $string->position, 'slot_mm' => $slotMm, 'string_mm' => $stringMm],
                )
                    ->onString($string->position)->measured($slotMm - $stringMm, $playMm, Unit::Millimetres, Limit::SlotPlay->reason());
            }
        }

        return $found;
    }
}
