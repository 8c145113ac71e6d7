<?php

declare(strict_types=1);

namespace Lira\Length;

/** Where frets stand: each one shortens the string by the twelfth root of two. */
final class Frets
{
    public const HIGHEST = 36;

    /**
     * The length left to sound from a fret (or a capo, or the fret at which a short string starts): L · 2^(−k/12).
     *
     * @param  float  $lengthM  from the nut to the saddle, metres
     * @param  int  $fret  0 (the nut) to 36
     * @return float metres
     *
     * @throws InvalidLength if there is no such fret
     */
    public static function speakingM(float $lengthM, int $fret): float
    {
        if ($fret < 0 || $fret > self::HIGHEST) {
            throw InvalidLength::fretOutOfRange($fret);
        }

        return $lengthM * 2 ** (-$fret / 12);
    }
}
