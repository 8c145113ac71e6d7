<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Length\Length;
use Lira\Material\Material;

/**
 * What carries a string's tension: the core of a wound string, or the whole of a plain one.
 *
 * Sections: round A = π c²/4, I = π c⁴/64; hexagonal, c across its corners, A = (3√3/8) c², I = (5√3/256) c⁴;
 * multifilament A = fill · π c²/4 and I = 0, since its filaments slide on one another.
 */
final readonly class Core
{
    /** Share of a floss bundle's circle that is filament. */
    public const FILL = 0.80;

    private function __construct(
        public CoreShape $shape,
        public Material $material,
        public Length $size,
        private float $fill,
    ) {}

    /**
     * @param  Length  $size  diameter; across the corners of a hexagonal core
     * @param  float  $fill  above 0, at most 1; used by multifilament only
     *
     * @throws InvalidString if the size is not positive or the material cannot bear load
     */
    public static function of(CoreShape $shape, Material $material, Length $size, float $fill = self::FILL): self
    {
        if ($size->inMetres() <= 0) {
            throw InvalidString::sizeNotPositive('core size');
        }
        if (! $material->properties()->bearsLoad()) {
            throw InvalidString::cannotBearLoad($material);
        }

        return new self($shape, $material, $size, $fill);
    }

    /** Load-bearing area, m². */
    public function areaM2(): float
    {
        $c = $this->size->inMetres();

        return match ($this->shape) {
            CoreShape::Round => M_PI * $c ** 2 / 4,
            CoreShape::Hex => 3 * sqrt(3) / 8 * $c ** 2,
            CoreShape::Multifilament => $this->fill * M_PI * $c ** 2 / 4,
        };
    }

    /** Second moment of area, m⁴. */
    public function secondMomentM4(): float
    {
        $c = $this->size->inMetres();

        return match ($this->shape) {
            CoreShape::Round => M_PI * $c ** 4 / 64,
            CoreShape::Hex => 5 * sqrt(3) / 256 * $c ** 4,
            CoreShape::Multifilament => 0.0,
        };
    }

    /**
     * Second moment of area if it were as stiff as it can be: a bundle of filaments as one solid, π c⁴/64 times its fill; any other
     * core as it is. m⁴.
     */
    public function stiffestSecondMomentM4(): float
    {
        return $this->shape === CoreShape::Multifilament
            ? $this->fill * M_PI * $this->size->inMetres() ** 4 / 64
            : $this->secondMomentM4();
    }

    /** Linear density at rest, kg/m. */
    public function kgPerM(): float
    {
        return $this->material->properties()->densityKgPerM3 * $this->areaM2();
    }

    /** Axial stiffness EA, newtons. */
    public function axialStiffnessN(): float
    {
        return (float) $this->material->properties()->youngsModulusPa * $this->areaM2();
    }

    /** Bending stiffness EI, N·m². */
    public function bendingStiffnessNm2(): float
    {
        return (float) $this->material->properties()->youngsModulusPa * $this->secondMomentM4();
    }

    /** Bending stiffness if it were as stiff as it can be, N·m²; see {@see self::stiffestSecondMomentM4()}. */
    public function stiffestBendingNm2(): float
    {
        return (float) $this->material->properties()->youngsModulusPa * $this->stiffestSecondMomentM4();
    }
}
