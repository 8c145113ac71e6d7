<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Neighbours whose tensions differ more than the hand overlooks. */
final class NeighbourJump implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $most = $limits->of(Limit::NeighbourJump);
        $found = [];
        foreach ($evaluation->strings as $index => $string) {
            $next = $evaluation->strings[$index + 1] ?? null;
            if ($next === null) {
                continue;
            }
            foreach ($string->tunings as $tuning => $at) {
                $other = $next->tunings[$tuning]->tensionN;
                $jump = max($at->tensionN, $other) / min($at->tensionN, $other) - 1;
                if ($jump > $most) {
                    $tight = $at->tensionN > $other ? $string->position : $next->position;
                    $found[] = Finding::note('neighbour-jump', Remedy::String, sprintf(
                        'Strings %d and %d differ by %.0f %%: string %d will feel the tighter. Step one of them by a gauge.',
                        $string->position, $next->position, 100 * $jump, $tight,
                    ))->onString($tight)->inTuning($design->tunings[$tuning]->name)->measured($jump, $most, Unit::Change, Limit::NeighbourJump->reason());
                }
            }
        }

        return $found;
    }
}
