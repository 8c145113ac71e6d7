<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** Two neighbours that pull so differently that the hand notices. */
final class NeighbourJump implements Rule
{
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
        $most = $limits->of(Limit::NeighbourJump);
        $found = [];
        foreach ($evaluation->strings as $index => $string) {
            $next = $evaluation->strings[$index + 1] ?? null;
            if ($next === null) {
                continue;
            }
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
}
