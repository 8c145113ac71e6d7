<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string that does not go through the hole of its post. */
final class PostHole implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'post-hole',
            Place::Post,
            'String {string} is {string_mm:2} and the hole in its post {hole_mm:2}: it does not go through. Choose a lighter one, or one with a tapered end.',
            FitAspect::PostHole,
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $holeMm = ($design->instrument->hardware->posts->holeDiameterM ?? 0.0) * 1000;
        $found = [];
        foreach ($holeMm > 0 ? $evaluation->strings : [] as $string) {
            $stringMm = $string->string->build->outerDiameterM * 1000;
            if ($stringMm > $holeMm + 1e-9) {
                $found[] = self::type()->stop(
                    Remedy::String,
                    ['string' => $string->position, 'string_mm' => $stringMm, 'hole_mm' => $holeMm],
                )
                    ->onString($string->position)->measured(
                        $stringMm,
                        $holeMm,
                        Unit::Millimetres,
                        'A string goes through its post only if the hole is wider.',
                    );
            }
        }

        return $found;
    }
}
