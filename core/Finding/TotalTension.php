<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\Total;
use Lira\Instrument\TrussRod;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** The whole instrument: against what it may bear, and against what it is used to. */
final class TotalTension implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $mostN = $design->instrument->hardware->maxTotalN;
        $found = [];
        foreach ($evaluation->totals as $total) {
            if ($mostN !== null && $total->tensionN > $mostN) {
                $found[] = Finding::stop('total-over-maximum', Remedy::String, sprintf(
                    'All strings together pull %.0f N; this instrument may bear %.0f N. Go lighter or tune lower.',
                    $total->tensionN, $mostN,
                ))->inTuning($total->tuning)->measured($total->tensionN, $mostN, Unit::Newtons, 'The most this instrument was recorded to bear.');
            }
            $change = self::change($total, $design->instrument->neck->trussRod, $limits);
            if ($change !== null) {
                $found[] = $change;
            }
        }

        return $found;
    }

    private static function change(Total $total, ?TrussRod $rod, Limits $limits): ?Finding
    {
        $share = $total->change?->share();
        if ($share === null || abs($share) < $limits->of(Limit::TotalRetune)) {
            return null;
        }
        $changed = sprintf('The total %s by %.0f %%', $share > 0 ? 'rises' : 'falls', 100 * abs($share));
        $setup = abs($share) >= $limits->of(Limit::TotalSetup);
        $finding = match (true) {
            ! $setup => Finding::note('total-change', Remedy::Adjust, "{$changed}: tune, let it settle, tune again, and look at the relief."),
            $rod === null || $rod->adjusts() => Finding::caution('total-change', Remedy::Repairer, "{$changed}: plan to have relief and action set by someone competent; a truss rod that resists goes to a repairer."),
            default => Finding::caution('total-change', Remedy::Repairer, "{$changed}, and this neck has no rod to set its relief with: stay nearer to what it is used to, or ask a qualified repairer first."),
        };
        $limit = $setup ? Limit::TotalSetup : Limit::TotalRetune;

        return $finding->inTuning($total->tuning)->measured($share, $limits->of($limit), Unit::Change, $limit->reason());
    }
}
