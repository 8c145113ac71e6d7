<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Nut slots: too narrow and the string sits high, too wide and it rattles; and the angle behind them. */
final class NutFit implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $hardware = $design->instrument->hardware;
        $play = $limits->of(Limit::SlotPlay);
        $least = $limits->of(Limit::NutAngle);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $slotMm = ($hardware->nutSlotM($string->position) ?? 0.0) * 1000;
            $stringMm = $string->string->build->outerDiameterM * 1000;
            if ($slotMm > 0 && $stringMm > $slotMm + 1e-9) {
                $found[] = Finding::caution('nut-slot-narrow', Remedy::Repairer, sprintf(
                    'Nut slot %d is %.2f mm and the string %.2f mm: it will sit high. A repairer widens the slot.',
                    $string->position, $slotMm, $stringMm,
                ))->onString($string->position)->measured($stringMm, $slotMm, Unit::Millimetres, 'A string wider than its slot rides on the edges: too high, and it pinches and drifts.');
            } elseif ($slotMm - $stringMm > $play + 1e-9) {
                $found[] = Finding::note('nut-slot-wide', Remedy::Repairer, sprintf(
                    'Nut slot %d is %.2f mm and the string %.2f mm: it may rattle. Try it; a repairer fills the slot or makes a new nut.',
                    $string->position, $slotMm, $stringMm,
                ))->onString($string->position)->measured($slotMm - $stringMm, $play, Unit::Millimetres, Limit::SlotPlay->reason());
            }
            $fit = $string->fit;
            if ($fit->nutAngleDeg !== null && $fit->nutAngleDeg < $least - 1e-9) {
                $found[] = Finding::caution('nut-angle', Remedy::Adjust, sprintf(
                    'Behind the nut string %d goes down by %.1f° with the %.1f turns its post holds; your least is %.1f°. %s',
                    $string->position, $fit->nutAngleDeg, $fit->turns, $least,
                    isset($hardware->trees[$string->position]) ? 'Lower its string tree.' : 'A string tree cures it.',
                ))->onString($string->position)->measured($fit->nutAngleDeg, $least, Unit::Degrees, Limit::NutAngle->reason());
            }
        }

        return $found;
    }
}
