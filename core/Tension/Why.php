<?php

declare(strict_types=1);

namespace Lira\Tension;

/**
 * Why a tension changed: Δln T = 2 Δln L + 2 Δln f + Δln μ, the shares of scale, pitch and string, exactly additive.
 * μ is the density as strung, so the stretch counts with the string.
 */
final readonly class Why
{
    private function __construct(public float $scale, public float $pitch, public float $string) {}

    /** Each before and after: tension in newtons, speaking length in metres, frequency in hertz. */
    public static function between(
        float $tensionBeforeN,
        float $lengthBeforeM,
        float $hertzBefore,
        float $tensionAfterN,
        float $lengthAfterM,
        float $hertzAfter,
    ): self {
        $scale = 2 * log($lengthAfterM / $lengthBeforeM);
        $pitch = 2 * log($hertzAfter / $hertzBefore);
        $strungBefore = Tension::strungDensityKgPerM($tensionBeforeN, $lengthBeforeM, $hertzBefore);
        $strungAfter = Tension::strungDensityKgPerM($tensionAfterN, $lengthAfterM, $hertzAfter);

        return new self($scale, $pitch, log($strungAfter / $strungBefore));
    }

    /** ln(T after/T before). */
    public function total(): float
    {
        return $this->scale + $this->pitch + $this->string;
    }
}
