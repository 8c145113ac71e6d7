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
    public static function type(): FindingType
    {
        return new FindingType(
            'too-slack',
            Place::String,
            'String {string} at {pitch} pulls {tension_n} and flaps below {floor_n}: go heavier, or tune higher.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $floorN = $evaluation->holdingN;
        if ($floorN === null) {
            return [];
        }
        $found = [];
        foreach ($evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                if ($at->tensionN < $floorN) {
                    $found[] = self::type()->caution(
                        Remedy::String,
                        ['string' => $string->position, 'pitch' => $at->pitch->label(), 'tension_n' => $at->tensionN, 'floor_n' => $floorN],
                    )
                        ->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                            $at->tensionN,
                            $floorN,
                            Unit::Newtons,
                            Limit::HoldingShare->reason(),
                        );
                }
            }
        }

        return $found;
    }
}
