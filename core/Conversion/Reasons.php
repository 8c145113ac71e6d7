<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Wording\Statement;

/** Why a converted set is as it is. */
final class Reasons
{
    /** Necks made for a baritone are at least this long, millimetres; a round figure. */
    public const BARITONE_FROM_MM = 680.0;

    /** Lengths that differ by a smaller share are the same. */
    private const SAME_LENGTH = 0.001;

    /**
     * @param  SetEvaluation  $untouched  the old strings at the new pitches and lengths
     * @param  SetEvaluation  $evaluation  the chosen strings there
     * @return list<Statement>
     */
    public static function of(
        Conversion $conversion,
        SetDesign $before,
        SetEvaluation $untouched,
        SetEvaluation $evaluation,
        string $feelsLike,
    ): array {
        $own = match ($conversion->kind) {
            ConversionKind::Lower => [self::lower($conversion->semitones, $untouched)],
            ConversionKind::Baritone => self::baritone($conversion, $before, $untouched, $evaluation),
            ConversionKind::Scale => [
                self::scale($before, $evaluation),
                ...($conversion->semitones === 0 ? [] : [self::lower($conversion->semitones, $untouched)]),
            ],
            ConversionKind::Octave => [self::octave(range($conversion->fromPosition, count($untouched->strings)), $untouched)],
            ConversionKind::AddLower => [Argument::NewString->with(
                ['string' => count($evaluation->strings), 'pitch' => self::last($evaluation)->tunings[0]->pitch->label()],
            )],
            ConversionKind::Several => self::several($evaluation),
        };

        return [...$own, ...self::feel($feelsLike, $evaluation)];
    }

    /**
     * What tuning the old strings lower does to them.
     *
     * @param  SetEvaluation  $untouched  the old strings at the new pitches and lengths
     */
    public static function lower(int $semitones, SetEvaluation $untouched): Statement
    {
        return Argument::PullsLess->with([
            'semitones' => $semitones,
            'left_share' => 2 ** (-$semitones / 6),
            'string' => count($untouched->strings),
            'tension_n' => self::last($untouched)->tunings[0]->tensionN,
        ]);
    }

    /** @return list<Statement> */
    private static function baritone(Conversion $conversion, SetDesign $before, SetEvaluation $untouched, SetEvaluation $evaluation): array
    {
        $lengthMm = self::last($evaluation)->speakingLengthM * 1000;

        return [
            ...self::isSameLength($before, $evaluation) ? [] : [self::scale($before, $evaluation)],
            self::lower($conversion->semitones, $untouched),
            $lengthMm < self::BARITONE_FROM_MM
                ? Argument::ShortForBaritone->with(['neck_mm' => $lengthMm, 'usual_mm' => self::BARITONE_FROM_MM])
                : Argument::LongEnough->with(['neck_mm' => $lengthMm]),
        ];
    }

    /**
     * What another length does to the same string at the same pitch.
     *
     * @param  SetEvaluation  $evaluation  on the new length
     */
    public static function scale(SetDesign $before, SetEvaluation $evaluation): Statement
    {
        $oldM = $before->instrument->scale->speakingLengthM(1, count($before->strings));
        $newM = $evaluation->strings[0]->speakingLengthM;

        return Argument::OtherScale->with([
            'old_mm' => $oldM * 1000, 'new_mm' => $newM * 1000, 'left_share' => ($newM / $oldM) ** 2,
            'gauges' => abs($newM / $oldM - 1) < 0.005 ? 'same' : ($newM < $oldM ? 'heavier' : 'lighter'),
        ]);
    }

    /**
     * Whether the first string is as long as it was.
     *
     * @param  SetEvaluation  $evaluation  on the new length
     */
    public static function isSameLength(SetDesign $before, SetEvaluation $evaluation): bool
    {
        $oldM = $before->instrument->scale->speakingLengthM(1, count($before->strings));

        return abs($evaluation->strings[0]->speakingLengthM / $oldM - 1) <= self::SAME_LENGTH;
    }

    /**
     * Why the old strings cannot be tuned an octave up.
     *
     * @param  non-empty-list<int>  $positions  of those that sound an octave up
     * @param  SetEvaluation  $untouched  the old strings at the new pitches and lengths
     */
    public static function octave(array $positions, SetEvaluation $untouched): Statement
    {
        $worst = 0.0;
        foreach ($positions as $position) {
            $worst = max($worst, (float) $untouched->strings[$position - 1]->tunings[0]->strength?->share->estimate);
        }

        return Argument::NeverTunedUp->with(['first' => min($positions), 'last' => max($positions), 'worst_share' => $worst]);
    }

    /**
     * Whose feel the chosen strings come nearest to, and what they pull together.
     *
     * @param  string  $feelsLike  the set that feels right
     * @return list<Statement>
     */
    public static function feel(string $feelsLike, SetEvaluation $evaluation): array
    {
        return [Argument::NearestFeel->with(['set' => $feelsLike]), ...self::total($evaluation)];
    }

    /** @return list<Statement> */
    private static function several(SetEvaluation $evaluation): array
    {
        [$widest, $position, $low, $high] = [0.0, 1, 0.0, 0.0];
        foreach ($evaluation->strings as $string) {
            $spread = $string->mostN() / $string->leastN();
            if ($spread > $widest) {
                [$widest, $position, $low, $high] = [$spread, $string->position, $string->leastN(), $string->mostN()];
            }
        }

        return [Argument::WorstTuning->with(['string' => $position, 'low_n' => $low, 'high_n' => $high])];
    }

    /**
     * What the strings pull together, beside what they did.
     *
     * @return list<Statement>
     */
    public static function total(SetEvaluation $evaluation): array
    {
        $change = $evaluation->totals[0]->change ?? null;

        return $change === null ? [] : [Argument::TogetherPull->with(['tension_n' => $change->tensionN, 'before_n' => $change->baselineN])];
    }

    private static function last(SetEvaluation $evaluation): EvaluatedString
    {
        return $evaluation->strings[count($evaluation->strings) - 1];
    }
}
