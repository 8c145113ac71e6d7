<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** The saddle: whether it can go back far enough, and the angle behind it. */
final class SaddleFit implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $saddle = $design->instrument->hardware->saddle;
        $least = $limits->of(Limit::SaddleAngle);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $travelMm = $saddle->travelM($string->position);
            foreach ($string->tunings as $index => $at) {
                if ($travelMm !== null && $at->setback !== null && $at->setback->estimateM > $travelMm + 1e-12) {
                    $found[] = Finding::caution('saddle-travel', Remedy::String, sprintf(
                        'Saddle %d needs about %.1f mm of setback (%.1f to %.1f) and has %.1f mm: it will not intonate. Take a thinner core, tune higher, or have the bridge moved by a repairer.',
                        $string->position, $at->setback->estimateM * 1000, $at->setback->lowM * 1000, $at->setback->highM * 1000, $travelMm * 1000,
                    ))->onString($string->position)->inTuning($design->tunings[$index]->name)->measured($at->setback->estimateM * 1000, $travelMm * 1000, Unit::Millimetres, 'A fretted string is stretched and comes out sharp; the saddle goes back to cancel it. Thick, stiff and slack strings want the most.');
                }
            }
        }
        $angle = $saddle->breakAngleRad();
        if ($angle !== null && rad2deg($angle) < $least - 1e-9) {
            $found[] = Finding::caution('saddle-angle', Remedy::Adjust, sprintf(
                'The strings go down behind the saddle by only %.1f°; your least is %.1f°. %s',
                rad2deg($angle), $least,
                $saddle->overWrapRiseM > 0 ? 'String the tailpiece from behind instead of wrapping over it.' : 'Lower the tailpiece, or raise the saddle with the action in mind.',
            ))->measured(rad2deg($angle), $least, Unit::Degrees, Limit::SaddleAngle->reason());
        }

        return $found;
    }
}
