<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** The whole instrument against what it is used to. */
final class TotalChange implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'total-change',
            Place::Neck,
            'The total [way=up|rises][way=down|falls] by {by_share}[asks=retune|: tune, let it settle, tune again, and look at the relief.][asks=setup|: plan to have relief and action set by someone competent; a truss rod that resists goes to a repairer.][asks=repairer|, and this neck has no rod to set its relief with: stay nearer to what it is used to, or ask a qualified repairer first.]',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $rod = $design->instrument->neck->trussRod;
        $found = [];
        foreach ($evaluation->totals as $total) {
            $share = $total->change?->share();
            if ($share === null || abs($share) < $limits->of(Limit::TotalRetune)) {
                continue;
            }
            $limit = abs($share) >= $limits->of(Limit::TotalSetup) ? Limit::TotalSetup : Limit::TotalRetune;
            $says = ['way' => $share > 0 ? 'up' : 'down', 'by_share' => abs($share)];
            $finding = match (true) {
                $limit === Limit::TotalRetune => self::type()->note(Remedy::Adjust, $says + ['asks' => 'retune']),
                $rod === null || $rod->adjusts() => self::type()->caution(Remedy::Repairer, $says + ['asks' => 'setup']),
                default => self::type()->caution(Remedy::Repairer, $says + ['asks' => 'repairer']),
            };
            $found[] = $finding->inTuning($total->tuning)->measured($share, ($share <=> 0.0) * $limits->of($limit), Unit::Change, $limit->reason());
        }

        return $found;
    }
}
