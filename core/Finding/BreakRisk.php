<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string that uses too much of its breaking load. */
final class BreakRisk implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                $share = $at->breakShare;
                if ($share === null || $share < $limits->of(Limit::ShorterLife)) {
                    continue;
                }
                $percent = round(100 * $share);
                $pulls = "{$at->pitch->label()} takes {$percent} % of what string {$string->position} can bear";
                [$finding, $limit] = match (true) {
                    $share > $limits->of(Limit::BreakStop) => [Finding::stop('break-risk', Remedy::String, "{$pulls}: it will snap. Tune lower, or change to a shorter scale or a stronger core; another plain gauge hardly helps."), Limit::BreakStop],
                    $share >= $limits->of(Limit::BreakCaution) => [Finding::caution('break-risk', Remedy::String, "{$pulls}: expect breakage. Tune up slowly with eye protection on, and keep a spare."), Limit::BreakCaution],
                    default => [Finding::note('break-risk', Remedy::Watch, "{$pulls}: it will not last as long as usual."), Limit::ShorterLife],
                };
                $found[] = $finding->onString($string->position)->inTuning($design->tunings[$index]->name)->measured($share, $limits->of($limit), Unit::Share, $limit->reason());
            }
        }

        return $found;
    }
}
