<?php

declare(strict_types=1);

namespace Lira\Material;

/**
 * General engineering figures of a material, in round numbers: density in kg/m³, Young's modulus in Pa and tensile
 * strength. A modulus and a strength are given only where the material carries load, as a core or as a plain string.
 */
final readonly class Properties
{
    private function __construct(
        public float $densityKgPerM3,
        public ?float $youngsModulusPa,
        public ?TensileStrength $strength,
        public bool $polymer,
        public bool $magnetic,
    ) {}

    public static function of(Material $material): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$material->value] ??= self::figures($material);
    }

    private static function figures(Material $material): self
    {
        return match ($material) {
            Material::MusicWire => new self(7850.0, 203.4e9, TensileStrength::drawnWire(2211e6, 0.145), polymer: false, magnetic: true),
            Material::NickelPlatedSteel => self::metalWrap(7930.0, magnetic: true),
            Material::PureNickel => self::metalWrap(8900.0, magnetic: true),
            Material::StainlessSteel => self::metalWrap(7750.0, magnetic: true),
            Material::PhosphorBronze => self::metalWrap(8830.0, magnetic: false),
            Material::Bronze8020 => self::metalWrap(8670.0, magnetic: false),
            Material::SilverPlatedCopper => self::metalWrap(8990.0, magnetic: false),
            Material::Nylon => self::loadedPolymer(1070.0, 4.5e9, 330e6),
            Material::NylonMultifilament => self::loadedPolymer(1140.0, 4.5e9, 900e6),
            Material::Fluorocarbon => self::loadedPolymer(1780.0, 4.0e9, 450e6),
            Material::SyntheticGut => self::loadedPolymer(1300.0, 4.5e9, 350e6),
            Material::NylonTape => new self(1140.0, null, null, polymer: true, magnetic: false),
            Material::Polyurethane => new self(1200.0, null, null, polymer: true, magnetic: false),
        };
    }

    /** Whether it can carry the tension: as a plain string, or as the core of a wound one. */
    public function bearsLoad(): bool
    {
        return $this->youngsModulusPa !== null && $this->strength !== null;
    }

    private static function metalWrap(float $densityKgPerM3, bool $magnetic): self
    {
        return new self($densityKgPerM3, null, null, polymer: false, magnetic: $magnetic);
    }

    private static function loadedPolymer(float $densityKgPerM3, float $youngsModulusPa, float $strengthPa): self
    {
        return new self($densityKgPerM3, $youngsModulusPa, TensileStrength::constant($strengthPa), polymer: true, magnetic: false);
    }
}
