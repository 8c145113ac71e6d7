<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A nut slot that leaves its string play. A thick string needs more; an elastomer one fills its slot whatever its gauge. */
final class NutSlotWide implements Rule
{
    private const SHARE_OF_GAUGE = 0.10;

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
        $found = [];
        foreach ($evaluation->strings as $string) {
            if ($string->string->build->core === null) {
                continue;
            }
            $slotMm = ($design->instrument->hardware->nutSlotM($string->position) ?? 0.0) * 1000;
            $stringMm = $string->string->build->outerDiameterM * 1000;
            $playMm = max($limits->of(Limit::SlotPlay), self::SHARE_OF_GAUGE * $stringMm);
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
