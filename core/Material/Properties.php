<?php

declare(strict_types=1);

namespace Lira\Material;

/**
 * General engineering figures of a material, in round numbers: density in kg/m³, Young's moduli in Pa and tensile
 * strength. Moduli and a strength are given only where the material carries load, as a core or as a plain string.
 *
 * The modulus from slack brings a string to its pitch and bends its section. A polymer stiffens under load, so what changes about its
 * tension takes the strung one. Floss was wound under pull and has given most of its stretch already; how much differs.
 */
final readonly class Properties
{
    /** What wire of one size really bears may be so much less or more, relative, 95 %. */
    private const STRENGTH_VARIES = 0.06;

    private const STRENGTH_OF_POLYMERS_VARIES = 0.12;

    /** Floss may be so much softer or stiffer: 10 to 20 GPa. */
    private const FLOSS_VARIES = 1 / 3;

    /**
     * @param  float  $modulusVaries  how far the moduli may be off, relative
     * @param  ?float  $expansionPerK  by how much it expands with warmth, a kelvin; null of polymers, whose stiffness changes with it too
     */
    private function __construct(
        public float $densityKgPerM3,
        public ?float $youngsModulusPa,
        public ?float $strungModulusPa,
        public ?TensileStrength $strength,
        public bool $polymer,
        public bool $magnetic,
        public float $modulusVaries = 0.0,
        public ?float $expansionPerK = null,
    ) {}

    public static function of(Material $material): self
    {
        return match ($material) {
            Material::MusicWire => new self(7850.0, 203.4e9, 203.4e9, TensileStrength::drawnWire(2211e6, 0.145), polymer: false, magnetic: true, expansionPerK: 11.5e-6),
            Material::NickelPlatedSteel => self::metalWrap(7930.0, magnetic: true),
            Material::PureNickel => self::metalWrap(8900.0, magnetic: true),
            Material::StainlessSteel => self::metalWrap(7750.0, magnetic: true),
            Material::PhosphorBronze => self::metalWrap(8830.0, magnetic: false),
            Material::Bronze8020 => self::metalWrap(8670.0, magnetic: false),
            Material::SilverPlatedCopper => self::metalWrap(8990.0, magnetic: false),
            Material::Nylon => self::loadedPolymer(1070.0, 4.5e9, 6.5e9, 330e6),
            Material::NylonMultifilament => self::loadedPolymer(1140.0, 15e9, 15e9, 900e6, self::FLOSS_VARIES),
            Material::Fluorocarbon => self::loadedPolymer(1780.0, 4.0e9, 6.0e9, 450e6),
            Material::SyntheticGut => self::loadedPolymer(1300.0, 4.5e9, 6.5e9, 350e6),
            Material::NylonTape => new self(1140.0, null, null, null, polymer: true, magnetic: false),
            Material::Polyurethane => new self(1200.0, null, null, null, polymer: true, magnetic: false),
        };
    }

    /** Whether it can carry the tension: as a plain string, or as the core of a wound one. */
    public function bearsLoad(): bool
    {
        return $this->youngsModulusPa !== null && $this->strength !== null;
    }

    /** How far what it really bears may be from what it is said to bear, relative, 95 %. */
    public function strengthVaries(): float
    {
        return $this->polymer ? self::STRENGTH_OF_POLYMERS_VARIES : self::STRENGTH_VARIES;
    }

    private static function metalWrap(float $densityKgPerM3, bool $magnetic): self
    {
        return new self($densityKgPerM3, null, null, null, polymer: false, magnetic: $magnetic);
    }

    private static function loadedPolymer(
        float $densityKgPerM3,
        float $youngsModulusPa,
        float $strungModulusPa,
        float $strengthPa,
        float $modulusVaries = 0.0,
    ): self {
        return new self(
            $densityKgPerM3,
            $youngsModulusPa,
            $strungModulusPa,
            TensileStrength::constant($strengthPa),
            polymer: true,
            magnetic: false,
            modulusVaries: $modulusVaries,
        );
    }
}
