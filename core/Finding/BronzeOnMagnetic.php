<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string of which the pickup hears the core alone. */
final class BronzeOnMagnetic implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'bronze-on-magnetic',
            Place::String,
            'String {string} is bronze: a magnetic pickup hears only its core, and it comes out weak. Use nickel or steel wrap.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $suits = Suitability::of($design);
        $found = [];
        foreach ($evaluation->strings as $string) {
            if (
                $suits->hearsMagnetically
                && Suitability::isBronze($string->string)
                && Suitability::isMagnetic($string->string)
                && ! $suits->isPulledApartBy($string->string)
            ) {
                $found[] = self::type()->caution(Remedy::String, ['string' => $string->position])->onString($string->position);
            }
        }

        return $found;
    }
}
