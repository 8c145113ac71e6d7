<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string too stiff for its length and tension; one that is {@see ThickForScale} is told that alone. */
final class DullString implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'dull',
            Place::String,
            'String {string} [certain=yes|is][certain=no|may be] stiff for this length and pitch: it [certain=yes|sounds dull and drags][certain=no|may sound dull and drag] its intonation. [built=wound|Try a thinner core or a longer scale.][built=plain|Try it wound.]',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $most = $limits->of(Limit::Dull);
        $thick = ThickForScale::most($design, $limits);
        $found = [];
        foreach ($evaluation->strings as $string) {
            if (ThickForScale::isThick($string, $thick)) {
                continue;
            }
            foreach ($string->tunings as $index => $at) {
                if ($at->inharmonicity !== null && $at->inharmonicity->estimate > $most) {
                    $certain = $at->inharmonicity->low > $most;
                    $found[] = self::type()->note(
                        Remedy::String,
                        [
                            'string' => $string->position,
                            'certain' => $certain ? 'yes' : 'no',
                            'built' => $string->string->spec->type->construction->isWound() ? 'wound' : 'plain',
                        ],
                    )
                        ->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                            $certain ? $at->inharmonicity->low : $at->inharmonicity->estimate,
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
