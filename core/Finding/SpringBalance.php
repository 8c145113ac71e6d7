<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Fit\Springs;
use Lira\Limit\Limits;

/** A floating bridge whose springs have to balance another total. */
final class SpringBalance implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $hardware = $design->instrument->hardware;
        $total = $evaluation->totals[0] ?? null;
        $change = $total?->change;
        if ($total === null || $change === null || ($hardware->springs === null && $hardware->anchor?->floats() !== true)) {
            return [];
        }
        $ratio = Springs::forceRatio($change->baselineN, $total->tensionN);
        if (abs($ratio - 1) < 0.005) {
            return [];
        }
        $message = sprintf('The bridge floats: its springs must pull %.2f times as hard as before', $ratio);
        if ($hardware->springs !== null) {
            $travelM = Springs::travelM($total->tensionN - $change->baselineN, $hardware->springs->rateNPerM, $hardware->springs->count);
            $message .= sprintf(', which %s the claw by about %.1f mm', $travelM > 0 ? 'tightens' : 'loosens', abs($travelM) * 1000);
        }

        return [Finding::caution('springs', Remedy::Adjust, "{$message}. Turn the claw’s screws while tuning until the bridge sits level.")
            ->inTuning($total->tuning)->measured($ratio, 1.0, Unit::Ratio, 'Springs and strings pull against each other: the bridge sits level only where they balance.')];
    }
}
