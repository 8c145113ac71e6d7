<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Document\SetDesign;
use Lira\Evaluation\SetEvaluation;

/** Nut slots: too narrow and the string sits high, too wide and it rattles; and the angle behind them. */
final class NutFit implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $slots = $design->instrument->hardware->nutSlotsM;
        $play = $limits->of(Limit::SlotPlay);
        $least = $limits->of(Limit::NutAngle);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $slotMm = ($slots[$string->position - 1] ?? 0.0) * 1000;
            $stringMm = $string->string->build->outerDiameterM * 1000;
            if ($slotMm > 0 && $stringMm > $slotMm + 1e-9) {
                $found[] = Finding::caution('nut-slot-narrow', sprintf(
                    'Nut slot %d is %.2f mm and the string %.2f mm: it will sit high. A repairer widens the slot.',
                    $string->position, $slotMm, $stringMm,
                ))->onString($string->position)->measured($stringMm, $slotMm);
            } elseif ($slotMm - $stringMm > $play + 1e-9) {
                $found[] = Finding::note('nut-slot-wide', sprintf(
                    'Nut slot %d is %.2f mm and the string %.2f mm: it may rattle. Try it; a repairer fills the slot or makes a new nut.',
                    $string->position, $slotMm, $stringMm,
                ))->onString($string->position)->measured($slotMm - $stringMm, $play);
            }
            $fit = $string->fit;
            if ($fit->nutAngleDeg !== null && $fit->nutAngleDeg < $least - 1e-9) {
                $found[] = Finding::caution('nut-angle', sprintf(
                    'Behind the nut string %d goes down by %.1f° with the %.1f turns its post holds; your least is %.1f°. %s',
                    $string->position, $fit->nutAngleDeg, $fit->turns, $least,
                    isset($design->instrument->hardware->trees[$string->position]) ? 'Lower its string tree.' : 'A string tree cures it.',
                ))->onString($string->position)->measured($fit->nutAngleDeg, $least);
            }
        }

        return $found;
    }
}
