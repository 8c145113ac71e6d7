<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Length\Length;
use Lira\Material\Material;

/** Round wire, close wound unless a wider pitch is given: μ = ρ (π w²/4) √((π(D_in + w))² + p²)/p. */
final readonly class RoundWrap implements Wrap
{
    private function __construct(private Material $material, private float $wireM, private float $pitchM) {}

    /**
     * @param  Length  $wire  diameter of the wire
     * @param  ?Length  $pitch  from turn to turn, at least the wire's diameter; the diameter itself if left out
     *
     * @throws InvalidString if the wire or the pitch is not positive, or turns would overlap
     */
    public static function of(Material $material, Length $wire, ?Length $pitch = null): self
    {
        $wireM = $wire->inMetres();
        if ($wireM <= 0) {
            throw InvalidString::sizeNotPositive('wrap wire');
        }
        $pitchM = $pitch?->inMetres() ?? $wireM;
        if ($pitchM < $wireM) {
            throw InvalidString::turnsOverlap();
        }

        return new self($material, $wireM, $pitchM);
    }

    public function material(): Material
    {
        return $this->material;
    }

    public function kgPerM(float $innerDiameterM): float
    {
        $turn = hypot(M_PI * ($innerDiameterM + $this->wireM), $this->pitchM);

        return $this->material->properties()->densityKgPerM3 * M_PI * $this->wireM ** 2 / 4 * $turn / $this->pitchM;
    }

    public function thicknessM(): float
    {
        return $this->wireM;
    }
}
