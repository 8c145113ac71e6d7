<?php

declare(strict_types=1);

namespace Lira\Playing;

/**
 * Where the ends of a string stand best: what makes the sum of the squared errors of its first fifteen frets least, by Gauss and Newton
 * from none. What is left is said as the root of their mean square.
 */
final readonly class BestPlace
{
    /** Frets from the start of the string that count. */
    public const FRETS = 15;

    private const ROUNDS = 20;

    private const NEAR_M = 1e-10;

    /** For the slopes, metres. */
    private const STEP_M = 2e-5;

    private function __construct(public Placement $place, public float $rmsCents) {}

    /** The saddle alone, over a nut that stays so far moved. @param  float  $share  of what clamped ends add, 0 to 1 */
    public static function ofSaddle(PlayedString $string, float $nutM = 0.0, float $share = 0.5): self
    {
        $place = new Placement(0.0, $nutM);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$ee, $ea] = [0.0, 0.0];
            foreach (self::rows($string, $place, $share, false) as [$error, $bySaddle]) {
                $ee += $bySaddle * $bySaddle;
                $ea += $bySaddle * $error;
            }
            $step = -$ea / $ee;
            $place = new Placement($place->setbackM + $step, $nutM);
            if (abs($step) < self::NEAR_M) {
                break;
            }
        }

        return new self($place, self::rmsCents($string, $place, $share));
    }

    /** Saddle and nut together. @param  float  $share  of what clamped ends add, 0 to 1 */
    public static function ofBoth(PlayedString $string, float $share = 0.5): self
    {
        $place = new Placement;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$ss, $sn, $nn, $se, $ne] = [0.0, 0.0, 0.0, 0.0, 0.0];
            foreach (self::rows($string, $place, $share, true) as [$error, $bySaddle, $byNut]) {
                $ss += $bySaddle * $bySaddle;
                $sn += $bySaddle * $byNut;
                $nn += $byNut * $byNut;
                $se += $bySaddle * $error;
                $ne += $byNut * $error;
            }
            $det = $ss * $nn - $sn * $sn;
            if ($det <= 0.0) {
                // A capo stands for the nut: there is only the saddle.
                return self::ofSaddle($string, 0.0, $share);
            }
            [$saddle, $nut] = [-($nn * $se - $sn * $ne) / $det, -($ss * $ne - $sn * $se) / $det];
            $place = new Placement($place->setbackM + $saddle, $place->nutM + $nut);
            if (abs($saddle) + abs($nut) < self::NEAR_M) {
                break;
            }
        }

        return new self($place, self::rmsCents($string, $place, $share));
    }

    /** What is left with its ends at some place. @param  float  $share  of what clamped ends add, 0 to 1 */
    public static function rmsCents(PlayedString $string, Placement $place, float $share = 0.5): float
    {
        $squares = 0.0;
        for ($fret = 1; $fret <= self::FRETS; $fret++) {
            $squares += $string->centsAt($string->line->startFret + $fret, $place, $share) ** 2;
        }

        return sqrt($squares / self::FRETS);
    }

    /** @return iterable<array{float, float, float}> of each fret its error, and its slopes by saddle and nut, cents a metre */
    private static function rows(PlayedString $string, Placement $place, float $share, bool $withNut): iterable
    {
        $back = new Placement($place->setbackM + self::STEP_M, $place->nutM);
        $forth = new Placement($place->setbackM - self::STEP_M, $place->nutM);
        $in = new Placement($place->setbackM, $place->nutM + self::STEP_M);
        $out = new Placement($place->setbackM, $place->nutM - self::STEP_M);
        for ($k = 1; $k <= self::FRETS; $k++) {
            $fret = $string->line->startFret + $k;
            yield [
                $string->centsAt($fret, $place, $share),
                ($string->centsAt($fret, $back, $share) - $string->centsAt($fret, $forth, $share)) / (2 * self::STEP_M),
                $withNut ? ($string->centsAt($fret, $in, $share) - $string->centsAt($fret, $out, $share)) / (2 * self::STEP_M) : 0.0,
            ];
        }
    }
}
