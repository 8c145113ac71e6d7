<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;

/** Why a converted set is as it is, in sentences that somebody can act on. */
final class Reasons
{
    /** Necks made for a baritone are at least this long, millimetres; a round figure. */
    public const BARITONE_FROM_MM = 680.0;

    /**
     * @param  SetEvaluation  $untouched  the old strings at the new pitches and lengths
     * @param  SetEvaluation  $evaluation  the chosen strings there
     * @return list<string>
     */
    public static function of(Conversion $conversion, SetDesign $before, SetEvaluation $untouched, SetEvaluation $evaluation, string $feelsLike): array
    {
        $own = match ($conversion->kind) {
            ConversionKind::Lower => self::lower($conversion, $untouched),
            ConversionKind::Baritone => self::baritone($conversion, $untouched, $evaluation),
            ConversionKind::Scale => self::scale($before, $evaluation),
            ConversionKind::Octave => self::octave($conversion, $untouched),
            ConversionKind::AddLower => [sprintf('String %d is new, at %s; it aims at what its neighbour pulls.', count($evaluation->strings), self::pitch($evaluation, count($evaluation->strings)))],
            ConversionKind::Several => self::several($evaluation),
        };

        return [...$own, "Every string is the gauge that comes nearest to the feel of “{$feelsLike}”.", ...self::total($evaluation)];
    }

    /** @return list<string> */
    private static function lower(Conversion $conversion, SetEvaluation $untouched): array
    {
        $share = 2 ** (-$conversion->semitones / 6);

        return [sprintf(
            '%d semitones lower, a string left as it is pulls %.0f %% of what it did: string %d only %.0f N.',
            $conversion->semitones, 100 * $share, count($untouched->strings), self::lastN($untouched),
        )];
    }

    /** @return list<string> */
    private static function baritone(Conversion $conversion, SetEvaluation $untouched, SetEvaluation $evaluation): array
    {
        $lengthMm = self::last($evaluation)->speakingLengthM * 1000;

        return [
            ...self::lower($conversion, $untouched),
            $lengthMm < self::BARITONE_FROM_MM
                ? sprintf('This neck is %.0f mm; necks made for it are %.0f mm and longer. On a shorter one the low strings have to be thicker, duller and harder to intonate.', $lengthMm, self::BARITONE_FROM_MM)
                : sprintf('At %.0f mm this neck is long enough for it.', $lengthMm),
        ];
    }

    /** @return list<string> */
    private static function scale(SetDesign $before, SetEvaluation $evaluation): array
    {
        $oldM = $before->instrument->scale->speakingLengthM(1, count($before->strings));
        $newM = $evaluation->strings[0]->speakingLengthM;

        return [sprintf(
            'From %.0f to %.0f mm the same string at the same pitch pulls %.0f %% of what it did, so the same feel takes %s gauges.',
            $oldM * 1000, $newM * 1000, 100 * ($newM / $oldM) ** 2,
            abs($newM / $oldM - 1) < 0.005 ? 'the same' : ($newM < $oldM ? 'heavier' : 'lighter'),
        )];
    }

    /** @return list<string> */
    private static function octave(Conversion $conversion, SetEvaluation $untouched): array
    {
        $worst = 0.0;
        foreach ($untouched->strings as $string) {
            $worst = max($worst, $string->position < $conversion->fromPosition ? 0.0 : (float) $string->tunings[0]->breakShare);
        }

        return [sprintf(
            'Strings %d to %d sound an octave up. Tuning the old ones up would take up to %.0f %% of what they can bear: they must be changed, never tuned up.',
            $conversion->fromPosition, count($untouched->strings), 100 * $worst,
        )];
    }

    /** @return list<string> */
    private static function several(SetEvaluation $evaluation): array
    {
        [$widest, $position, $low, $high] = [0.0, 1, 0.0, 0.0];
        foreach ($evaluation->strings as $string) {
            $spread = $string->mostN() / $string->leastN();
            if ($spread > $widest) {
                [$widest, $position, $low, $high] = [$spread, $string->position, $string->leastN(), $string->mostN()];
            }
        }

        return [sprintf('Chosen so that the worst of the tunings is as good as it can be. String %d goes the furthest, from %.0f to %.0f N.', $position, $low, $high)];
    }

    /** @return list<string> */
    private static function total(SetEvaluation $evaluation): array
    {
        $change = $evaluation->totals[0]->change ?? null;

        return $change === null ? [] : [sprintf('Together they pull %.0f N instead of %.0f N.', $change->tensionN, $change->baselineN)];
    }

    private static function last(SetEvaluation $evaluation): EvaluatedString
    {
        return $evaluation->strings[count($evaluation->strings) - 1];
    }

    private static function lastN(SetEvaluation $evaluation): float
    {
        return self::last($evaluation)->tunings[0]->tensionN;
    }

    private static function pitch(SetEvaluation $evaluation, int $position): string
    {
        return $evaluation->strings[$position - 1]->tunings[0]->pitch->label();
    }
}
