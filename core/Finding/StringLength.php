<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string that is made too short for this scale, anchor and headstock. */
final class StringLength implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $spareMm = $limits->of(Limit::SpareLength);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $ownMm = $string->string->spec->length?->inMillimetres();
            $neededM = $string->fit->neededM;
            if ($ownMm !== null && $neededM !== null && $ownMm < $neededM * 1000 + $spareMm - 1e-9) {
                $found[] = Finding::stop('string-too-short', Remedy::String, sprintf(
                    'String %d is made %.0f mm long; this instrument takes %.0f mm and %.0f to hold on to. Order an extra-long one.',
                    $string->position, $ownMm, $neededM * 1000, $spareMm,
                ))->onString($string->position)->measured($ownMm, $neededM * 1000 + $spareMm, Unit::Millimetres, Limit::SpareLength->reason());
            }
        }

        return $found;
    }
}
