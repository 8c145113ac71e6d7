<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/**
 * A saddle that cannot go back as far as its string wants: "will not" only where even the least setback is more than it has, "may not"
 * where the usual one is.
 */
final class SaddleTravel implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'saddle-travel',
            Place::Saddle,
            'Saddle {string} needs about {setback_mm:1} of setback ({low_mm:1!} to {high_mm:1!}) and has {travel_mm:1}: it [certain=yes|will not][certain=no|may not] intonate. [certain=yes|Take a thinner core, tune higher, or have the bridge moved by a repairer.][certain=no|Try it before you drill anything; a thinner core or a higher tuning needs less.]',
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
                $setbackM = $at->setbackM;
                if ($travelM === null || $setbackM === null || $setbackM->estimate <= $travelM + 1e-12) {
                    continue;
                }
                $certain = $setbackM->low > $travelM + 1e-12;
                $says = [
                    'string' => $string->position,
                    'setback_mm' => $setbackM->estimate * 1000,
                    'low_mm' => $setbackM->low * 1000,
                    'high_mm' => $setbackM->high * 1000,
                    'travel_mm' => $travelM * 1000,
                    'certain' => $certain ? 'yes' : 'no',
                ];
                $finding = $certain ? self::type()->caution(Remedy::String, $says) : self::type()->note(Remedy::String, $says);
                $found[] = $finding->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                    ($certain ? $setbackM->low : $setbackM->estimate) * 1000,
                    $travelM * 1000,
                    Unit::Millimetres,
                    'A fretted string is stretched and comes out sharp; the saddle goes back to cancel it. Thick, stiff and slack strings want the most.',
                );
            }
        }

        return $found;
    }
}
