<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A saddle that cannot go back as far as its string wants. */
final class SaddleTravel implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'saddle-travel',
            Place::Saddle,
            'Saddle {string} needs about {setback_mm:1} of setback ({low_mm:1!} to {high_mm:1!}) and has {travel_mm:1}: it will not intonate. Take a thinner core, tune higher, or have the bridge moved by a repairer.',
            FitAspect::SaddleTravel,
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $string) {
            $travelM = $design->instrument->hardware->saddle->travelM($string->position);
            foreach ($string->tunings as $index => $at) {
                if ($travelM !== null && $at->setback !== null && $at->setback->estimateM > $travelM + 1e-12) {
                    $found[] = self::type()->caution(Remedy::String, [
                        'string' => $string->position, 'setback_mm' => $at->setback->estimateM * 1000,
                        'low_mm' => $at->setback->lowM * 1000,
                        'high_mm' => $at->setback->highM * 1000, 'travel_mm' => $travelM * 1000,
                    ])->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                        $at->setback->estimateM * 1000,
                        $travelM * 1000,
                        Unit::Millimetres,
                        'A fretted string is stretched and comes out sharp; the saddle goes back to cancel it. Thick, stiff and slack strings want the most.',
                    );
                }
            }
        }

        return $found;
    }
}
