<?php

declare(strict_types=1);

namespace Lira\Fit;

/**
 * Where the saddle will have to stand behind the scale length, metres. Stretch alone understates it, clamped ends
 * overstate it; the midpoint is a starting point that a tuner's readings replace.
 */
final readonly class SaddleSetback
{
    private function __construct(public float $lowM, public float $estimateM, public float $highM) {}

    public static function predicted(
        float $tensionN,
        float $lengthM,
        float $axialStiffnessN,
        float $bendingNm2,
        float $actionM,
        float $nutHeightM = 0.0,
    ): self {
        $at = static fn (float $bending): float => Intonation::setbackM(
            $lengthM,
            Intonation::sharpCents($tensionN, $lengthM, $axialStiffnessN, $bending, $actionM, nutHeightM: $nutHeightM),
        );
        [$low, $high] = [$at(0.0), $at($bendingNm2)];

        return new self($low, ($low + $high) / 2, $high);
    }
}
