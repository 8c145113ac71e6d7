<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string too stiff for its length and tension. */
final class DullString implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'dull',
            Place::String,
            'String {string} is stiff for this length and pitch: it sounds dull and drags its intonation. [built=wound|Try a thinner core or a longer scale.][built=plain|Try it wound.]',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $most = $limits->of(Limit::Dull);
        $found = [];
        foreach ($evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                if ($at->inharmonicity !== null && $at->inharmonicity > $most) {
                    $found[] = self::type()->note(
                        Remedy::String,
                        [
                            'string' => $string->position,
                            'built' => $string->string->spec->type->construction->isWound() ? 'wound' : 'plain',
                        ],
                    )
                        ->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                            $at->inharmonicity,
                            $most,
                            Unit::Inharmonicity,
                            Limit::Dull->reason(),
                        );
                }
            }
        }

        return $found;
    }
}
