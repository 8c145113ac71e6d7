<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Length\Length;
use Lira\Material\Material;

/** Flat ribbon or tape, its edges touching: μ = ρ t b √((π(D_in + t))² + b²)/b. */
final readonly class RibbonWrap implements Wrap
{
    private function __construct(private Material $material, private float $thicknessM, private float $widthM) {}

    /** @throws InvalidString if thickness or width is not positive */
    public static function of(Material $material, Length $thickness, Length $width): self
    {
        if ($thickness->inMetres() <= 0) {
            throw InvalidString::sizeNotPositive('ribbon’s thickness');
        }
        if ($width->inMetres() <= 0) {
            throw InvalidString::sizeNotPositive('ribbon’s width');
        }

        return new self($material, $thickness->inMetres(), $width->inMetres());
    }

    public function material(): Material
    {
        return $this->material;
    }

    public function kgPerM(float $innerDiameterM): float
    {
        $turn = hypot(M_PI * ($innerDiameterM + $this->thicknessM), $this->widthM);

        return $this->material->properties()->densityKgPerM3 * $this->thicknessM * $turn;
    }

    public function thicknessM(): float
    {
        return $this->thicknessM;
    }
}
