<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\StringAtPitch;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Strength\Breaking;

/**
 * A string that uses too much of its breaking load. The low figure decides, so that nothing ordinary is called dangerous: the thickest
 * core it may have, where that is a guess, and wire that bears as much as wire of one size may. What it would be by the estimate is a note.
 */
final class BreakRisk implements Rule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'break-risk',
            Place::String,
            '{pitch} takes {low_share} to {high_share} of what string {string} can bear: [risk=snaps|it will snap.][risk=breaks|expect breakage.][risk=may-break|it may break. Keep a spare.][risk=may-break-thin|it may break if its core is as thin as usual. Keep a spare, or measure a bared core.][risk=wears|it will not last as long as usual.][cure=plain| A plain string bears this pitch.][cure=lower| Tune lower, or shorten the scale; another gauge hardly helps.][care=slowly| Tune up slowly with eye protection on, and keep a spare.]',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $string) {
            foreach ($string->tunings as $index => $at) {
                $finding = $this->risk($string, $at, $limits);
                if ($finding !== null) {
                    $found[] = $finding->onString($string->position)->inTuning($design->tunings[$index]->name);
                }
            }
        }

        return $found;
    }

    private function risk(EvaluatedString $string, StringAtPitch $at, Limits $limits): ?Finding
    {
        $share = $at->strength?->share;
        if ($share === null) {
            return null;
        }
        $says = [
            'pitch' => $at->pitch->label(),
            'low_share' => $share->low,
            'high_share' => $share->high,
            'string' => $string->position,
        ];
        $cure = ['cure' => $this->plainBears($string, $at, $limits) ? 'plain' : 'lower'];
        [$caution, $wears] = [$limits->of(Limit::BreakCaution), $limits->of(Limit::ShorterLife)];
        [$finding, $value, $limit] = match (true) {
            $share->low > $limits->of(Limit::BreakStop) => [
                self::type()->stop(Remedy::String, $says + $cure + ['risk' => 'snaps']),
                $share->low,
                Limit::BreakStop,
            ],
            $share->low >= $caution => [
                self::type()->caution(Remedy::String, $says + $cure + ['risk' => 'breaks', 'care' => 'slowly']),
                $share->low,
                Limit::BreakCaution,
            ],
            $share->estimate >= $caution => [
                self::type()->note(Remedy::Watch, $says + ['risk' => $string->string->guessesCore() ? 'may-break-thin' : 'may-break']),
                $share->estimate,
                Limit::BreakCaution,
            ],
            $share->low >= $wears => [self::type()->note(Remedy::Watch, $says + ['risk' => 'wears']), $share->low, Limit::ShorterLife],
            default => [null, $share->low, Limit::ShorterLife],
        };

        return $finding?->measured($value, $limits->of($limit), Unit::Share, $limit->reason());
    }

    /** Whether a plain string of the core's material would stay below the caution there; its gauge hardly matters to that. */
    private function plainBears(EvaluatedString $string, StringAtPitch $at, Limits $limits): bool
    {
        $core = $string->string->build->core;

        return $core !== null
            && $string->string->spec->type->construction->isWound()
            && Breaking::shareOfPlain($core->material, $core->size->inMetres(), 2 * $at->speakingLengthM * $at->frequencyHz)
                < $limits->of(Limit::BreakCaution);
    }
}
