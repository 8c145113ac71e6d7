<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** The whole instrument against what it may bear. */
final class TotalOverMaximum implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'total-over-maximum',
            Place::Neck,
            'All strings together pull {tension_n}; this instrument may bear {most_n}. Go lighter or tune lower.',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $mostN = $design->instrument->hardware->maxTotalN;
        if ($mostN === null) {
            return [];
        }
        $found = [];
        foreach ($evaluation->totals as $total) {
            if ($total->tensionN > $mostN) {
                $found[] = self::type()->stop(Remedy::String, ['tension_n' => $total->tensionN, 'most_n' => $mostN])
                    ->inTuning($total->tuning)->measured(
                        $total->tensionN,
                        $mostN,
                        Unit::Newtons,
                        'The most this instrument was recorded to bear.',
                    );
            }
        }

        return $found;
    }
}
