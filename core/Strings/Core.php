<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Material\Properties;

/**
 * What carries a string's tension: the core of a wound string, or the whole of a plain one.
 *
 * Sections: round A = π c²/4, I = π c⁴/64; hexagonal, c across its corners, A = (3√3/8) c², I = (5√3/256) c⁴;
 * multifilament A = fill · π c²/4. A bundle of filaments bends as filaments, not as one: how much they hold one another is not known,
 * so its I lies between 0 and the solid's, fill · π c⁴/64, and is taken for a quarter of that.
 */
final readonly class Core
{
    /** Share of a floss bundle's circle that is filament. */
    public const FILL = 0.80;

    /** Of the stiffness that a bundle would have as one solid, what it is taken to have. */
    private const HELD_TOGETHER = 0.25;

    /** The first wrap beds on a hexagon, between its flats and its corners where it is steel; what is softer lies on its flats. */
    private const BEDS_STEEL = 0.933;

    private const BEDS_SOFTER = 0.866;

    private float $areaM2;

    private Properties $properties;

    private function __construct(
        public CoreShape $shape,
        public Material $material,
        public Length $size,
        private float $fill,
        private float $modulus = 1.0,
    ) {
        $c = $size->inMetres();
        $this->areaM2 = match ($shape) {
            CoreShape::Round => M_PI * $c ** 2 / 4,
            CoreShape::Hex => 3 * sqrt(3) / 8 * $c ** 2,
            CoreShape::Multifilament => $fill * M_PI * $c ** 2 / 4,
        };
        $this->properties = $material->properties();
    }

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

    /** The same, softer or stiffer than its material is taken to be. @param  float  $times  above 0 */
    public function stifferBy(float $times): self
    {
        return $times === $this->modulus ? $this : new self($this->shape, $this->material, $this->size, $this->fill, $times);
    }

    /** The diameter on which a first wrap of some material lies, metres. */
    public function innerDiameterM(Material $firstWrap): float
    {
        return $this->size->inMetres() * self::bedding($this->shape, $firstWrap);
    }

    /** That diameter as a share of the core's size. */
    public static function bedding(CoreShape $shape, Material $firstWrap): float
    {
        return match ($shape) {
            CoreShape::Round, CoreShape::Multifilament => 1.0,
            CoreShape::Hex => $firstWrap->isSteel() ? self::BEDS_STEEL : self::BEDS_SOFTER,
        };
    }

    /** Load-bearing area, m². */
    public function areaM2(): float
    {
        return $this->areaM2;
    }

    /** Second moment of area as it is taken to be, m⁴. */
    public function secondMomentM4(): float
    {
        return $this->shape === CoreShape::Multifilament ? self::HELD_TOGETHER * $this->stiffestSecondMomentM4() : $this->stiffestSecondMomentM4();
    }

    /** If it were as stiff as it can be: a bundle of filaments as one solid; any other core as it is. m⁴. */
    private function stiffestSecondMomentM4(): float
    {
        $c = $this->size->inMetres();

        return match ($this->shape) {
            CoreShape::Round => M_PI * $c ** 4 / 64,
            CoreShape::Hex => 5 * sqrt(3) / 256 * $c ** 4,
            CoreShape::Multifilament => $this->fill * M_PI * $c ** 4 / 64,
        };
    }

    /** Linear density at rest, kg/m. */
    public function kgPerM(): float
    {
        return $this->properties->densityKgPerM3 * $this->areaM2;
    }

    /** Axial stiffness EA from slack to pitch, newtons: how far it stretches as it is tuned. */
    public function slackStiffnessN(): float
    {
        return $this->modulus * (float) $this->properties->youngsModulusPa * $this->areaM2;
    }

    /** Axial stiffness EA under load, newtons: how its tension answers once it is strung. */
    public function strungStiffnessN(): float
    {
        return $this->modulus * (float) $this->properties->strungModulusPa * $this->areaM2;
    }

    /** Bending stiffness EI as it is taken to be, N·m². */
    public function bendingStiffnessNm2(): float
    {
        return $this->modulus * (float) $this->properties->youngsModulusPa * $this->secondMomentM4();
    }

    /** Bending stiffness if it were as soft as it can be, N·m²: none where filaments slide on one another. */
    public function softestBendingNm2(): float
    {
        return $this->shape === CoreShape::Multifilament ? 0.0 : $this->bendingStiffnessNm2();
    }

    /** Bending stiffness if it were as stiff as it can be, N·m²: a bundle of filaments as one solid. */
    public function stiffestBendingNm2(): float
    {
        return $this->modulus * (float) $this->properties->youngsModulusPa * $this->stiffestSecondMomentM4();
    }
}
