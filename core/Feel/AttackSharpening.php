<?php

declare(strict_types=1);

namespace Lira\Feel;

/**
 * How far above its settled pitch a plucked note starts. A pluck of force F at distance x from the saddle displaces the
 * string by y = F x (L − x)/(T L); its fundamental has the amplitude a = 2 y L² sin(πx/L)/(π² x (L − x)); the note starts
 * sharp by 1200 log2(1 + (3/32) EA π² a²/(T L²)) cents (Kirchhoff–Carrier string, first-order Duffing).
 *
 * Valid for displacements that are small beside the length. Hard picking on a slack string is what this tells.
 */
final class AttackSharpening
{
    /**
     * @param  float  $axialStiffnessN  EA of the core, newtons
     * @param  float  $forceN  of the pick, newtons, at least 0
     * @param  float  $fromSaddleM  where it plucks, metres, between 0 and the length
     * @return float cents, at least 0
     */
    public static function cents(float $axialStiffnessN, float $tensionN, float $lengthM, float $forceN, float $fromSaddleM): float
    {
        // y and a in one: x (L − x) cancels.
        $amplitude = 2 * $forceN * $lengthM * sin(M_PI * $fromSaddleM / $lengthM) / (M_PI ** 2 * $tensionN);

        return 1200 * log(1 + 3 / 32 * $axialStiffnessN * M_PI ** 2 * $amplitude ** 2 / ($tensionN * $lengthM ** 2), 2);
    }
}
