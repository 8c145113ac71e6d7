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
    public static function by(float $semitones, int $fret, float $tensionN, float $lengthM, float $axialStiffnessN, float $extraLengthM = 0.0): ?self
    {
        $toSaddle = Frets::speakingM($lengthM, $fret);
        $toNut = $lengthM - $toSaddle;
        $bentN = static fn (float $h): float => $tensionN + $axialStiffnessN * Displaced::addedLengthM($toSaddle, $toNut, $h) / ($lengthM + $extraLengthM);
        $wanted = 2 ** ($semitones / 12);
        $short = static fn (float $h): bool => sqrt($bentN($h) / $tensionN) * $toSaddle / hypot($toSaddle, $h) < $wanted;
        [$low, $high] = [0.0, self::FURTHEST * $lengthM];
        if ($short($high)) {
            return null;
        }
        for ($step = 0; $step < self::STEPS && $high - $low > 1e-15; $step++) {
            $middle = ($low + $high) / 2;
            $short($middle) ? $low = $middle : $high = $middle;
        }
        $h = ($low + $high) / 2;

        return new self($h, $bentN($h) * ($h / hypot($toSaddle, $h) + $h / hypot($toNut, $h)));
    }
}
