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
    public static function type(): FindingType
    {
        return new FindingType(
            'hard-on-the-hand',
            Place::String,
            'String {string} at {pitch} pulls {tension_n}, hard on the hand beyond {hard_n}: go lighter, or tune lower.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $zones = $evaluation->zones;
        $found = [];
        foreach ($zones->usual ? [] : $evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                if ($at->tensionN > $zones->hardN) {
                    $found[] = self::type()->note(
                        Remedy::String,
                        [
                            'string' => $string->position,
                            'pitch' => $at->pitch->label(),
                            'tension_n' => $at->tensionN,
                            'hard_n' => $zones->hardN,
                        ],
                    )
                        ->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                            $at->tensionN,
                            $zones->hardN,
                            Unit::Newtons,
                            Limit::HardShare->reason(),
                        );
                }
            }
        }

        return $found;
    }
}
