<?php

declare(strict_types=1);

namespace Lira\Feel;

use Lira\Certainty\Root;
use Lira\Length\Frets;

/**
 * A string pushed sideways at a fret until its note has risen. T₂ = T + EA ΔL/(L + L_extra), pitch ratio
 * √(T₂/T) · l/√(l² + h²), finger force T₂ (h/√(l² + h²) + h/√(k² + h²)); l from the fret to the saddle, k from the nut to
 * the fret. String beyond nut and saddle (L_extra) makes it feel slacker without changing the tension.
 */
final readonly class Bend
{
    /** Nobody pushes a string further than this share of its length. */
    private const FURTHEST = 0.25;

    private const STEPS = 12;

    private function __construct(public float $displacementM, public float $forceN) {}

    /**
     * @param  float  $axialStiffnessN  EA of the core, newtons
     * @param  int  $fret  1 to 36
     * @param  float  $semitones  how far the note is to rise, above 0
     * @param  float  $extraLengthM  string beyond nut and saddle, metres, at least 0
     * @return ?self null where the string cannot be bent that far
     *
     * @throws \Lira\Length\InvalidLength if there is no such fret
     */
    public static function by(
        float $semitones,
        int $fret,
        float $tensionN,
        float $lengthM,
        float $axialStiffnessN,
        float $extraLengthM = 0.0,
    ): ?self {
        $toSaddle = Frets::speakingM($lengthM, $fret);
        $toNut = $lengthM - $toSaddle;
        $stiffnessNPerM = $axialStiffnessN / ($lengthM + $extraLengthM);
        $wanted = 2 ** ($semitones / 12);
        $furthest = (self::FURTHEST * $lengthM) ** 2;
        $square = self::near($tensionN, $stiffnessNPerM, $toSaddle, $toNut, log($wanted), $furthest)
            ?? self::between($tensionN, $stiffnessNPerM, $toSaddle, $toNut, $wanted, $furthest);
        if ($square === null) {
            return null;
        }
        $h = sqrt($square);
        $bentN = $tensionN + $stiffnessNPerM * Displaced::addedLengthM($toSaddle, $toNut, $h);

        return new self($h, $bentN * ($h / hypot($toSaddle, $h) + $h / hypot($toNut, $h)));
    }

    /**
     * The square of the displacement, looked for between none and the furthest: the pitch rises nearly in a straight line with it.
     *
     * @param  float  $wanted  the ratio
     * @return ?float null where the string cannot be bent that far
     */
    private static function between(float $tensionN, float $stiffnessNPerM, float $toSaddle, float $toNut, float $wanted, float $furthest): ?float
    {
        $bentN = static fn (float $h): float => $tensionN + $stiffnessNPerM * Displaced::addedLengthM($toSaddle, $toNut, $h);

        return Root::ofRising(
            static fn (float $square): float => sqrt($bentN(sqrt($square)) / $tensionN) * $toSaddle / sqrt($toSaddle ** 2 + $square) - $wanted,
            0.0,
            $furthest,
        );
    }

    /**
     * The square of the displacement, by Newton's steps on the logarithm of the ratio: that bends so little that a few lead there.
     *
     * @param  float  $wanted  logarithm of the ratio
     * @return ?float null where they lead nowhere
     */
    private static function near(float $tensionN, float $stiffnessNPerM, float $toSaddle, float $toNut, float $wanted, float $furthest): ?float
    {
        $square = 0.0;
        for ($step = 0; $step < self::STEPS; $step++) {
            [$saddleSide, $nutSide] = [sqrt($toSaddle ** 2 + $square), sqrt($toNut ** 2 + $square)];
            $bentN = $tensionN + $stiffnessNPerM * ($square / ($saddleSide + $toSaddle) + $square / ($nutSide + $toNut));
            $rises = (1 / $saddleSide + 1 / $nutSide) * $stiffnessNPerM / (4 * $bentN) - 1 / (2 * $saddleSide ** 2);
            if ($rises <= 0) {
                return null;
            }
            $move = ($wanted - log($bentN / $tensionN) / 2 + log($saddleSide / $toSaddle)) / $rises;
            $square += $move;
            if ($square <= 0 || $square > $furthest) {
                return null;
            }
            if (abs($move) <= 1e-13 * $square) {
                return $square;
            }
        }

        return null;
    }
}
