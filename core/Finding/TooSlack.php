<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Length\Length;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Pool\Pool;

/** A string below the tension at which it still holds. */
final class TooSlack implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'too-slack',
            Place::String,
            'String {string} at {pitch} pulls {tension_n} and flaps below {floor_n}: [cure=gauge|about {gauge_mm} is needed here][cure=beyond|about {gauge_mm} is needed here, and this pool ends at {ends_gauge_mm}][cure=heavier|go heavier], or tune higher.',
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
                        [
                            'string' => $string->position,
                            'pitch' => $at->pitch->label(),
                            'tension_n' => $at->tensionN,
                            'floor_n' => $floorN,
                            ...self::cure($string, $at->tensionN, $floorN, $evaluation->pool),
                        ],
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

    /**
     * Which gauge of the same make would hold: tension goes with the square of it.
     *
     * @return array<string, string|float>
     */
    private static function cure(EvaluatedString $string, float $tensionN, float $floorN, ?Pool $pool): array
    {
        $type = $string->string->spec->type;
        if ($string->string->build->core === null) {
            return ['cure' => 'heavier'];
        }
        $neededMm = $type->gauge->inMillimetres() * sqrt($floorN / $tensionN);
        $endsMm = $pool?->thickestOf($type)?->inMillimetres();

        return ['gauge_mm' => round($neededMm / Length::thousandths(1)->inMillimetres()) * Length::thousandths(1)->inMillimetres()]
            + ($endsMm === null || $endsMm >= $neededMm ? ['cure' => 'gauge'] : ['cure' => 'beyond', 'ends_gauge_mm' => $endsMm]);
    }
}
