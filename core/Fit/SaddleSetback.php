<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Certainty\Interval;
use Lira\Strings\Core;

/**
 * Where the saddle will have to stand behind the scale length, metres. Stretch alone understates it, clamped ends (and filaments
 * taken as one solid) overstate it; half way between is a starting point that a tuner's readings replace.
 */
final class SaddleSetback
{
    /** Where the ends of what it may be lie further apart than this, the figure helps nobody. */
    private const SAYS_LITTLE_M = 0.006;

    private const FRET = 12;

    /** Whether what is foretold is so wide that the saddle's place has to be measured. @param  Interval  $setbackM  metres */
    public static function isToBeMeasured(Interval $setbackM): bool
    {
        return $setbackM->width() > self::SAYS_LITTLE_M;
    }

    /**
     * @param  float  $lengthM  that the frets are laid out for, metres
     * @param  float  $actionM  height of the string above the 12th fret, metres
     * @param  float  $nutHeightM  its height above the fingerboard's fret line at the nut, metres
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along, metres, at least 0
     */
    public static function predicted(
        Core $core,
        float $tensionN,
        float $lengthM,
        float $actionM,
        float $nutHeightM = 0.0,
        float $extraLengthM = 0.0,
    ): Interval {
        $bendingsNm2 = [0.0, $core->stiffestBendingNm2()];
        $cents = Intonation::sharpCents($tensionN, $lengthM, $core->strungStiffnessN(), $bendingsNm2, $actionM, self::FRET, $nutHeightM, $extraLengthM);
        [$low, $high] = [Intonation::setbackM($lengthM, $cents[0], self::FRET), Intonation::setbackM($lengthM, end($cents), self::FRET)];

        return Interval::around(($low + $high) / 2, $low, $high);
    }
}
