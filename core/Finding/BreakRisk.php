<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/** A string that uses too much of its breaking load. */
final class BreakRisk implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'break-risk',
            Place::String,
            '{pitch} takes {share} of what string {string} can bear: [risk=snaps|it will snap. Tune lower, or change to a shorter scale or a stronger core; another plain gauge hardly helps.][risk=breaks|expect breakage. Tune up slowly with eye protection on, and keep a spare.][risk=wears|it will not last as long as usual.]',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                $share = $at->strength?->share;
                if ($share === null || $share < $limits->of(Limit::ShorterLife)) {
                    continue;
                }
                $says = ['pitch' => $at->pitch->label(), 'share' => $share, 'string' => $string->position];
                [$finding, $limit] = match (true) {
                    $share > $limits->of(Limit::BreakStop) => [
                        self::type()->stop(Remedy::String, $says + ['risk' => 'snaps']),
                        Limit::BreakStop,
                    ],
                    $share >= $limits->of(Limit::BreakCaution) => [
                        self::type()->caution(Remedy::String, $says + ['risk' => 'breaks']),
                        Limit::BreakCaution,
                    ],
                    default => [self::type()->note(Remedy::Watch, $says + ['risk' => 'wears']), Limit::ShorterLife],
                };
                $found[] = $finding->onString($string->position)->inTuning($design->tunings[$index]->name)->measured(
                    $share,
                    $limits->of($limit),
                    Unit::Share,
                    $limit->reason(),
                );
            }
        }

        return $found;
    }
}
