<?php

declare(strict_types=1);

namespace Lira\Feel;

/**
 * How far above its settled pitch a plucked note starts, and how far it still is when its upper modes have died away, some tenths
 * of a second later. Cents, at least 0.
 *
 * A pluck of force F at distance x from the saddle displaces the string by y = F x (L − x)/(T L); its fundamental has the amplitude
 * a = 2 y L² sin(πx/L)/(π² x (L − x)). At the attack all modes stretch the string: on average half the plucked triangle's own
 * stretch, and the fundamental feels half its own again. Later only the fundamental is left.
 *
 * Kirchhoff–Carrier string: mean tension of all modes, first-order Duffing term of the first. Valid for displacements that are small
 * beside the length and for x ≥ L/12; within 6 % there of a time integration with many modes.
 */
final readonly class AttackSharpening
{
    private function __construct(public float $startCents, public float $afterCents) {}

    /**
     * @param  float  $axialStiffnessN  EA of the core, newtons
     * @param  float  $forceN  of the pick, newtons, at least 0
     * @param  float  $fromSaddleM  where it plucks, metres, between 0 and the length
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along, metres, at least 0
     */
    public static function of(
        float $axialStiffnessN,
        float $tensionN,
        float $lengthM,
        float $forceN,
        float $fromSaddleM,
        float $extraLengthM = 0.0,
    ): self {
        return self::ofEach($axialStiffnessN, $tensionN, $lengthM, ['force' => $forceN], $fromSaddleM, $extraLengthM)['force'];
    }

    /**
     * The same for several forces at one place.
     *
     * @template K of string
     *
     * @param  array<K, float>  $forcesN  newtons, at least 0
     * @return array<K, self>
     */
    public static function ofEach(
        float $axialStiffnessN,
        float $tensionN,
        float $lengthM,
        array $forcesN,
        float $fromSaddleM,
        float $extraLengthM = 0.0,
    ): array {
        [$x, $rest] = [$fromSaddleM, $lengthM - $fromSaddleM];
        // For a newton: both go with the force, and what they stretch with its square.
        $y = $x * $rest / ($tensionN * $lengthM);
        $a = 2 * $y * $lengthM ** 2 * sin(M_PI * $x / $lengthM) / (M_PI ** 2 * $x * $rest);
        // Half of what both raise the tension by, relative: the frequency goes with its root.
        $triangle = $y ** 2 / 4 * (1 / $x + 1 / $rest);
        $fundamental = M_PI ** 2 * $a ** 2 / (16 * $lengthM);
        $stretched = $axialStiffnessN / ($tensionN * ($lengthM + $extraLengthM));
        [$start, $after] = [$stretched / 2 * ($triangle + $fundamental), 3 / 32 * $stretched * M_PI ** 2 * $a ** 2 / $lengthM];
        $each = [];
        foreach ($forcesN as $key => $forceN) {
            $each[$key] = new self(1200 * log(1 + $start * $forceN ** 2, 2), 1200 * log(1 + $after * $forceN ** 2, 2));
        }

        return $each;
    }
}
