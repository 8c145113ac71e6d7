<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Finding\Assessment;
use Lira\Finding\Severity;
use Lira\Kind\Kind;
use Lira\Target\Band;

/** Whether an instrument is a good candidate for a conversion, and if not, plainly why. */
final class Candidacy
{
    /** How far the best gauge there is may miss its aim, relative. */
    private const MISS = 0.15;

    /** The same over several tunings, where one gauge is always a compromise. */
    private const MISS_OVER_TUNINGS = 0.25;

    /** The rise of the total that a top of unknown strength is not asked to bear. */
    private const UNKNOWN_TOP = 0.05;

    /** The change of the total that tips a floating bridge visibly. */
    private const FLOATING = 0.02;

    /** Findings that speak against the instrument, not against the gauge. */
    private const AGAINST = ['break-risk', 'dull', 'saddle-travel', 'total-over-maximum', 'steel-on-nylon', 'post-hole', 'string-too-short'];

    /**
     * @param  Assessment  $assessment  of the chosen strings
     * @param  list<Band>  $bands  what they should pull
     * @return list<string> nothing if nothing speaks against it
     */
    public static function doubts(Conversion $conversion, SetDesign $design, Assessment $assessment, array $bands): array
    {
        $evaluation = $assessment->evaluation;

        return [
            ...self::another($conversion),
            ...self::bridge($design, $evaluation),
            ...self::top($design, $evaluation),
            ...self::neck($conversion, $design, $evaluation),
            ...self::found($assessment),
            ...self::missed($evaluation, $bands),
        ];
    }

    /** @return list<string> */
    private static function another(Conversion $conversion): array
    {
        return $conversion->kind === ConversionKind::AddLower
            ? ['Another string needs its place at the nut, the bridge and the headstock, and a neck wide enough for it. A qualified repairer says whether this instrument has one.']
            : [];
    }

    /** @return list<string> */
    private static function bridge(SetDesign $design, SetEvaluation $evaluation): array
    {
        $hardware = $design->instrument->hardware;
        if ($hardware->springs === null && $hardware->anchor?->floats() !== true) {
            return [];
        }
        $share = $evaluation->totals[0]->change?->share();
        $spread = $evaluation->spreadOfTotals();

        return array_values(array_filter([
            $share !== null && abs($share) >= self::FLOATING
                ? sprintf('Its bridge floats: with %.0f %% %s on it the springs have to be rebalanced.', 100 * abs($share), $share > 0 ? 'more' : 'less')
                : null,
            $spread >= self::FLOATING
                ? sprintf('Its bridge floats: from one tuning to another the total changes by %.0f %%, and each time it tips until the springs are reset.', 100 * $spread)
                : null,
        ], static fn (?string $doubt): bool => $doubt !== null));
    }

    /** @return list<string> */
    private static function top(SetDesign $design, SetEvaluation $evaluation): array
    {
        $share = $evaluation->totals[0]->change?->share();
        $bears = match ($design->instrument->kind) {
            Kind::AcousticGuitar, Kind::ClassicalGuitar, Kind::AcousticBass, Kind::Banjo, Kind::Ukulele => false,
            default => true,
        };

        return ! $bears && $design->instrument->hardware->maxTotalN === null && $share !== null && $share > self::UNKNOWN_TOP
            ? [sprintf('The total rises by %.0f %% and it is not recorded what this top may bear: a light or old one must not carry more.', 100 * $share)]
            : [];
    }

    /** @return list<string> */
    private static function neck(Conversion $conversion, SetDesign $design, SetEvaluation $evaluation): array
    {
        $lengthMm = $evaluation->strings[count($evaluation->strings) - 1]->speakingLengthM * 1000;

        return $conversion->kind === ConversionKind::Baritone && $conversion->semitones >= 5 && $lengthMm < Reasons::BARITONE_FROM_MM - 40
            && ! $design->instrument->kind->isBass() && $design->instrument->kind !== Kind::Ukulele && $design->instrument->kind !== Kind::Banjo
            ? [sprintf('%.0f mm is short for a baritone so low.', $lengthMm)]
            : [];
    }

    /** @return list<string> */
    private static function found(Assessment $assessment): array
    {
        $doubts = [];
        foreach ($assessment->findings as $finding) {
            if ($finding->severity === Severity::Stop || (in_array($finding->code, self::AGAINST, true) && ($finding->severity === Severity::Caution || $finding->code === 'dull'))) {
                $doubts[$finding->message] = true;
            }
        }

        return array_keys($doubts);
    }

    /**
     * @param  list<Band>  $bands
     * @return list<string>
     */
    private static function missed(SetEvaluation $evaluation, array $bands): array
    {
        $doubts = [];
        foreach ($evaluation->strings as $index => $string) {
            $aimN = $bands[$index]->targetN ?? null;
            [$leastN, $mostN] = [$string->leastN(), $string->mostN()];
            $miss = count($string->tunings) > 1 ? self::MISS_OVER_TUNINGS : self::MISS;
            if ($aimN === null || ($leastN >= $aimN * (1 - $miss) && $mostN <= $aimN * (1 + $miss))) {
                continue;
            }
            $doubts[] = match (true) {
                count($string->tunings) > 1 && $leastN < $aimN && $mostN > $aimN => sprintf('String %d goes from %.0f to %.0f N over the tunings; no one gauge feels right in all of them.', $string->position, $leastN, $mostN),
                $mostN < $aimN => sprintf('No gauge brings string %d near its aim: %.0f N instead of %.0f N. It would have to be thicker than any there is; a longer scale helps.', $string->position, $mostN, $aimN),
                default => sprintf('No gauge brings string %d near its aim: %.0f N instead of %.0f N. It would have to be thinner than any there is.', $string->position, $leastN, $aimN),
            };
        }

        return $doubts;
    }
}
