<?php

declare(strict_types=1);

namespace Lira\Intonation;

use Lira\Certainty\Interval;
use Lira\Length\Frets;

/** How far one saddle has to move by what was read, and how sure that is. Lengths in metres. */
final readonly class SaddleMove
{
    /** How good a reading is, until that is known. */
    public const READ_CENTS = 0.5;

    /** Of the middle one of three: its spread beside that of one. */
    public const MEDIAN_OF_THREE = 0.67;

    /** A second reading tells its own millimetres a cent only where the first move changed so much. */
    private const LEAST_CHANGE_CENTS = 4.0;

    private const LEAST_OF_FORMULA = 0.6;

    private const MOST_OF_FORMULA = 1.6;

    /**
     * @param  float  $errorCents  of the stopped note; positive is sharp
     * @param  float  $moveM  positive away from the nut
     * @param  float  $uncertaintyM  that two readings leave, one standard deviation
     * @param  float  $mPerCent  by which the stopped note goes flat by a cent
     */
    private function __construct(public float $errorCents, public float $moveM, public float $uncertaintyM, private float $mPerCent) {}

    /**
     * @param  int  $fret  at which it was stopped
     * @param  float  $openHz  above 0
     * @param  float  $stoppedHz  above 0
     * @param  float  $nutToSaddleM  as the saddle stands now
     * @param  float  $scaleM  the length the frets are laid out for
     * @param  array{errorCents: float, movedM: float}|null  $before  what was read before the last move, and that move
     * @param  float  $readCents  how good each of both readings is
     */
    public static function of(
        int $fret,
        float $openHz,
        float $stoppedHz,
        float $nutToSaddleM,
        float $scaleM,
        ?array $before = null,
        float $readCents = self::READ_CENTS,
    ): self {
        $error = 1200 * log($stoppedHz / $openHz, 2) - 100 * $fret;
        $move = self::byFormulaM($error, $fret, $nutToSaddleM, $scaleM);
        if ($before !== null) {
            $move = self::withBefore($move, $error, $before, $fret, $nutToSaddleM, $scaleM);
        }

        $mPerCent = $nutToSaddleM * M_LN2 / 1200 / (2 ** ($fret / 12) - 1);

        // The mean of two places is surer than one.
        return new self($error, $move, ($before === null ? M_SQRT2 : 1.0) * $readCents * $mPerCent, $mPerCent);
    }

    /** A move smaller than its uncertainty is not made. */
    public function isWorthIt(): bool
    {
        return $this->allows($this->moveM);
    }

    /** Whether what was read is sure enough for some move. */
    public function allows(float $moveM): bool
    {
        return abs($moveM) > $this->uncertaintyM;
    }

    /** So far from it at most the place lies in 95 of 100 cases. */
    public function withinM(): float
    {
        return Interval::BOUND_SDS * $this->uncertaintyM;
    }

    /** How sharp the stopped note is left by another move, cents. */
    public function leftCents(float $moveM): float
    {
        return ($this->moveM - $moveM) / $this->mPerCent;
    }

    /** Turns of a screw of so much thread. @param  float  $threadPitchM  metres a turn, above 0 */
    public function turns(float $threadPitchM): float
    {
        return $this->moveM / $threadPitchM;
    }

    /** Δ = (L − R l)/(R − 1), l = L − L₀ (1 − 2^(−k/12)), R = (L/l) 2^(−e/1200). */
    private static function byFormulaM(float $errorCents, int $fret, float $nutToSaddleM, float $scaleM): float
    {
        $sounding = $nutToSaddleM - ($scaleM - Frets::speakingM($scaleM, $fret));
        $ratio = $nutToSaddleM / $sounding * 2 ** (-$errorCents / 1200);

        return ($nutToSaddleM - $ratio * $sounding) / ($ratio - 1);
    }

    /**
     * The place is the mean of those that both readings foretold. Where the first move told its own millimetres a cent, and these are
     * believable, the second reading goes by these.
     *
     * @param  array{errorCents: float, movedM: float}  $before
     */
    private static function withBefore(float $moveM, float $errorCents, array $before, int $fret, float $nutToSaddleM, float $scaleM): float
    {
        $changed = $before['errorCents'] - $errorCents;
        if (abs($changed) > self::LEAST_CHANGE_CENTS && $moveM !== 0.0) {
            $secant = $errorCents * $before['movedM'] / $changed;
            $share = $secant / $moveM;
            $moveM = $share >= self::LEAST_OF_FORMULA && $share <= self::MOST_OF_FORMULA ? $secant : $moveM;
        }
        // As seen from where the saddle stands now.
        $foretold = self::byFormulaM($before['errorCents'], $fret, $nutToSaddleM - $before['movedM'], $scaleM) - $before['movedM'];

        return ($moveM + $foretold) / 2;
    }
}
