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
        $square = Root::ofRising($risen, 0.0, (self::FURTHEST * $lengthM) ** 2);
        if ($square === null) {
            return null;
        }
        $h = sqrt($square);

        return new self($h, $bentN($h) * ($h / hypot($toSaddle, $h) + $h / hypot($toNut, $h)));
    }
}
