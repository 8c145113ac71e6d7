<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string that is made too short for this scale, anchor and headstock. */
final class StringTooShort implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'string-too-short',
            Place::Post,
            'String {string} is made {made_mm:0} long; this instrument takes {needed_mm:0} and {spare_mm:0!} to hold on to. Order an extra-long one.',
            FitAspect::Length,
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $spareMm = $limits->of(Limit::SpareLength);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $madeMm = $string->string->spec->length?->inMillimetres();
            $neededMm = $string->fit->neededM === null ? null : $string->fit->neededM * 1000;
            if ($madeMm !== null && $neededMm !== null && $madeMm < $neededMm + $spareMm - 1e-9) {
                $found[] = self::type()->stop(
                    Remedy::String,
                    ['string' => $string->position, 'made_mm' => $madeMm, 'needed_mm' => $neededMm, 'spare_mm' => $spareMm],
                )
                    ->onString($string->position)->measured($madeMm, $neededMm + $spareMm, Unit::Millimetres, Limit::SpareLength->reason());
            }
        }

        return $found;
    }
}
