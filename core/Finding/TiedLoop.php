<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Kind\Anchor;
use Lira\Kind\StringEnd;
use Lira\Limit\Limits;

/** A gut or nylon string without a loop on an instrument with hooks: it is tied. */
final class TiedLoop implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'tied-loop',
            Place::Anchor,
            'String {string} has no loop: tie a small one with a square knot, cinch it before you tune, and allow {knot_mm:0} for it.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $anchor = $design->instrument->hardware->anchor;
        $found = [];
        foreach ($anchor === Anchor::LoopEnd ? $evaluation->strings : [] as $string) {
            $polymer = $string->string->isPolymer();
            if ($polymer && $string->string->spec->end === StringEnd::Bare) {
                $found[] = self::type()->note(
                    Remedy::Adjust,
                    ['string' => $string->position, 'knot_mm' => 1000 * Anchor::LoopEnd->knotM(StringEnd::Bare, $string->string->spec->type->construction->isWound())],
                )->onString($string->position);
            }
        }

        return $found;
    }
}
