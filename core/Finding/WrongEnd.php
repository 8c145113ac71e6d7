<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string whose end cannot be held where this instrument holds its strings. */
final class WrongEnd implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'wrong-end',
            Place::Anchor,
            'String {string} has {end} and this instrument [known=recorded|has][known=assumed|usually has] {anchor}: it cannot be held. Order it with {takes}[known=recorded|.][known=assumed|, or say what holds its strings.]',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $anchor = $design->instrument->hardware->anchor;
        $assumed = in_array('anchor', $design->instrument->hardware->assumed, true);
        $found = [];
        foreach ($evaluation->strings as $string) {
            $end = $string->string->spec->end;
            if ($end !== null && ! $anchor->holds($end, $string->string->isPolymer())) {
                $says = [
                    'string' => $string->position,
                    'end' => $end->label(),
                    'anchor' => $anchor->label(),
                    'takes' => $anchor->takes()->label(),
                    'known' => $assumed ? 'assumed' : 'recorded',
                ];
                $found[] = ($assumed ? self::type()->caution(Remedy::String, $says) : self::type()->stop(Remedy::String, $says))
                    ->onString($string->position);
            }
        }

        return $found;
    }
}
