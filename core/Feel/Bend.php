<?php

declare(strict_types=1);

namespace Lira\Feel;

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

    private const STEPS = 200;

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
        $bentN = static fn (float $h): float => $tensionN + $stiffnessNPerM * Displaced::addedLengthM($toSaddle, $toNut, $h);
        $wanted = 2 ** ($semitones / 12);
        // The pitch rises nearly in a straight line with the square of the displacement, so that is what is solved for.
        $risen = static fn (float $square): float => sqrt($bentN(sqrt($square)) / $tensionN) * $toSaddle / sqrt($toSaddle ** 2 + $square) - $wanted;
        $square = self::root($risen, 0.0, (self::FURTHEST * $lengthM) ** 2);
        if ($square === null) {
            return null;
        }
        $h = sqrt($square);

        return new self($h, $bentN($h) * ($h / hypot($toSaddle, $h) + $h / hypot($toNut, $h)));
    }

    /**
     * Where a rising function is zero: false position with the Illinois halving, always inside its bracket.
     *
     * @param  \Closure(float): float  $rising  below zero at the low end
     * @return ?float null where it is still below zero at the high end
     */
    private static function root(\Closure $rising, float $low, float $high): ?float
    {
        [$atLow, $atHigh] = [$rising($low), $rising($high)];
        if ($atHigh < 0) {
            return null;
        }
        $middle = $high;
        $side = 0;
        for ($step = 0; $step < self::STEPS && $high - $low > 1e-15 * $high; $step++) {
            $middle = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $value = $rising($middle);
            if (abs($value) < 1e-14) {
                break;
            }
            if ($value < 0) {
                [$low, $atLow] = [$middle, $value];
                $atHigh = $side === -1 ? $atHigh / 2 : $atHigh;
                $side = -1;
            } else {
                [$high, $atHigh] = [$middle, $value];
                $atLow = $side === 1 ? $atLow / 2 : $atLow;
                $side = 1;
            }
        }

        return $middle;
    }
}
