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
    /** Within which a bridge still sits level, relative. */
    private const LEVEL = 0.005;

    public static function type(): FindingType
    {
        return new FindingType(
            'springs',
            Place::Anchor,
            'The bridge floats: its springs must pull {ratio:2} times as hard as before[claw=tightens|, which tightens the claw by about {travel_mm:1}][claw=loosens|, which loosens the claw by about {travel_mm:1}]. Turn the claw’s screws while tuning until the bridge sits level.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $hardware = $design->instrument->hardware;
        $total = $evaluation->totals[0] ?? null;
        $change = $total?->change;
        if ($total === null || $change === null || ($hardware->springs === null && ! $hardware->anchor->floats())) {
            return [];
        }
        $ratio = Springs::forceRatio($change->baselineN, $total->tensionN);
        if (abs($ratio - 1) < self::LEVEL) {
            return [];
        }
        $says = ['ratio' => $ratio];
        if ($hardware->springs !== null) {
            $springs = $hardware->springs;
            $travelM = Springs::travelM($change->newtons(), $springs->lever, $springs->rateNPerM, $springs->count);
            $says += ['claw' => $travelM > 0 ? 'tightens' : 'loosens', 'travel_mm' => abs($travelM) * 1000];
        }

        return [self::type()->caution(Remedy::Adjust, $says)
            ->inTuning($total->tuning)->measured(
                $ratio,
                1.0,
                Unit::Ratio,
                'Springs and strings pull against each other: the bridge sits level only where they balance.',
            )];
    }
}
