<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string that the pickup cannot hear. */
final class NotMagnetic implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'not-magnetic',
            Place::String,
            'A magnetic pickup cannot hear string {string}: it has neither steel nor nickel in it.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $suits = Suitability::of($design);
        $found = [];
        foreach ($evaluation->strings as $string) {
            if ($suits->hearsMagnetically && ! Suitability::isMagnetic($string->string)) {
                $found[] = self::type()->caution(Remedy::String, ['string' => $string->position])->onString($string->position);
            }
        }

        return $found;
    }
}
