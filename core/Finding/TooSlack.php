<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string below the tension at which it still holds. */
final class TooSlack implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $floorN = $evaluation->holdingN;
        $found = [];
        foreach ($evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                if ($floorN !== null && $at->tensionN < $floorN) {
                    $found[] = Finding::caution('too-slack', Remedy::String, sprintf(
                        'String %d at %s pulls %.0f N and flaps below %.0f N: go heavier, or tune higher.',
                        $string->position, $at->pitch->label(), $at->tensionN, $floorN,
                    ))->onString($string->position)->inTuning($design->tunings[$index]->name)->measured($at->tensionN, $floorN, Unit::Newtons, Limit::HoldingShare->reason());
                }
            }
        }

        return $found;
    }
}
