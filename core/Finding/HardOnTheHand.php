<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string far tighter than any the hand is used to. */
final class HardOnTheHand implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $zones = $evaluation->zones;
        $found = [];
        foreach ($zones->usual ? [] : $evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                if ($at->tensionN > $zones->hardN) {
                    $found[] = Finding::note('hard-on-the-hand', Remedy::String, sprintf(
                        'String %d at %s pulls %.0f N, hard on the hand beyond %.0f N: go lighter, or tune lower.',
                        $string->position, $at->pitch->label(), $at->tensionN, $zones->hardN,
                    ))->onString($string->position)->inTuning($design->tunings[$index]->name)->measured($at->tensionN, $zones->hardN, Unit::Newtons, Limit::HardShare->reason());
                }
            }
        }

        return $found;
    }
}
