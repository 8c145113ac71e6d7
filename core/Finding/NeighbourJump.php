<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Two neighbours that pull so differently that the hand notices. */
final class NeighbourJump implements Rule
{
    /** A wound string gives more under a finger than a plain one that pulls as hard, so more of a difference goes unnoticed. */
    private const PLAIN_BESIDE_WOUND = 1.8;

    public static function type(): FindingType
    {
        return new FindingType(
            'neighbour-jump',
            Place::String,
            'Strings {string} and {next} differ by {by_share}: string {tighter} will feel the tighter. Step one of them by a gauge.',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach (Neighbours::of($design, $evaluation) as [$string, $next]) {
            $most = $limits->of(Limit::NeighbourJump) * (self::isWound($string) === self::isWound($next) ? 1.0 : self::PLAIN_BESIDE_WOUND);
            foreach ($string->tunings as $tuning => $at) {
                $other = $next->tunings[$tuning]->tensionN;
                $jump = max($at->tensionN, $other) / min($at->tensionN, $other) - 1;
                if ($jump > $most) {
                    $tighter = $at->tensionN > $other ? $string->position : $next->position;
                    $found[] = self::type()->note(
                        Remedy::String,
                        ['string' => $string->position, 'next' => $next->position, 'by_share' => $jump, 'tighter' => $tighter],
                    )
                        ->onString($tighter)->inTuning($design->tunings[$tuning]->name)->measured(
                            $jump,
                            $most,
                            Unit::Change,
                            Limit::NeighbourJump->reason(),
                        );
                }
            }
        }

        return $found;
    }

    private static function isWound(EvaluatedString $string): bool
    {
        return $string->string->spec->type->construction->isWound();
    }
}
