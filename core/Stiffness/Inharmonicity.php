<?php

declare(strict_types=1);

namespace Lira\Stiffness;

/**
 * What the bending stiffness of the core does to the sound. SI: EI in N·m², newtons, metres. Valid while εn, the ratio of
 * stiffness to tension times the partial, stays small; every string that anybody would fit is far inside that.
 */
final class Inharmonicity
{
    /** The coefficient B = π² E I/(T L²) of f_n = n f √(1 + B n²); large B sounds dull and drags intonation. */
    public static function coefficient(float $bendingNm2, float $tensionN, float $lengthM): float
    {
        return M_PI ** 2 * $bendingNm2 / ($tensionN * $lengthM ** 2);
    }

    /** The frequency of a partial: n f √(1 + B n²), f the frequency the string would have without stiffness. */
    public static function partialHz(int $partial, float $hertz, float $coefficient): float
    {
        return $partial * $hertz * sqrt(1 + $coefficient * $partial ** 2);
    }

    /**
     * How much clamped ends raise a partial: 1 + 2ε + (4 + n²π²/2) ε², ε = √(EI/T)/L (Morse; Fletcher 1964).
     *
     * @param  int  $partial  1 for the fundamental
     */
    public static function clampedFactor(float $bendingNm2, float $tensionN, float $lengthM, int $partial = 1): float
    {
        $epsilon = sqrt($bendingNm2 / $tensionN) / $lengthM;

        return 1 + 2 * $epsilon + (4 + $partial ** 2 * M_PI ** 2 / 2) * $epsilon ** 2;
    }
}
