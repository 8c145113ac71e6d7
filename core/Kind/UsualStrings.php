<?php

declare(strict_types=1);

namespace Lira\Kind;

use Lira\Material\Material;

/**
 * The strings people put on a kind of instrument: of what they are, up to which gauge plain ones are fitted and from which on wound
 * ones, and what each pulls. Metres and newtons; round figures of the trade, assumed until somebody says otherwise.
 */
final readonly class UsualStrings
{
    private const THOUSANDTH_M = 25.4e-6;

    /** A guitar of this length or longer is strung as a baritone. */
    public const BARITONE_FROM_M = 0.673;

    /**
     * @param  Material  $plain  of its plain strings
     * @param  Material  $wound  the wrap of its wound ones
     * @param  float  $tensionN  what one string usually pulls
     */
    private function __construct(private Kind $kind, public Material $plain, public Material $wound, public float $tensionN) {}

    public static function of(Kind $kind): self
    {
        [$plain, $wound, $tensionN] = match ($kind) {
            Kind::ElectricGuitar, Kind::Other => [Material::MusicWire, Material::NickelPlatedSteel, 75.0],
            Kind::LapSteel => [Material::MusicWire, Material::NickelPlatedSteel, 100.0],
            Kind::AcousticGuitar => [Material::MusicWire, Material::PhosphorBronze, 110.0],
            Kind::ResonatorGuitar => [Material::MusicWire, Material::PhosphorBronze, 120.0],
            Kind::TenorGuitar => [Material::MusicWire, Material::PhosphorBronze, 90.0],
            Kind::Mandolin => [Material::MusicWire, Material::PhosphorBronze, 85.0],
            Kind::OctaveMandolin => [Material::MusicWire, Material::PhosphorBronze, 90.0],
            Kind::Banjo => [Material::MusicWire, Material::NickelPlatedSteel, 55.0],
            Kind::Bass => [Material::MusicWire, Material::NickelPlatedSteel, 180.0],
            Kind::AcousticBass => [Material::MusicWire, Material::PhosphorBronze, 180.0],
            Kind::ClassicalGuitar => [Material::Nylon, Material::SilverPlatedCopper, 68.0],
            Kind::Ukulele => [Material::Fluorocarbon, Material::SilverPlatedCopper, 45.0],
            Kind::ElastomerBass => [Material::Polyurethane, Material::NickelPlatedSteel, 32.0],
        };

        return new self($kind, $plain, $wound, $tensionN);
    }

    /**
     * What one string usually pulls where its core is of the one family or the other, newtons: steel and polymers do not feel alike at
     * the same pull.
     */
    public function tensionOfFamilyN(bool $polymer): float
    {
        $own = $this->plain !== Material::MusicWire;
        if ($polymer === $own) {
            return $this->tensionN;
        }

        return match ($this->kind) {
            Kind::Banjo => $polymer ? 32.0 : $this->tensionN,
            Kind::Mandolin, Kind::OctaveMandolin => $polymer ? 45.0 : $this->tensionN,
            Kind::Bass, Kind::AcousticBass => $polymer ? 110.0 : $this->tensionN,
            Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::LapSteel, Kind::Other => 68.0,
            Kind::ClassicalGuitar => 100.0,
            Kind::Ukulele => 45.0,
            Kind::ElastomerBass => 120.0,
        };
    }

    /**
     * The thickest plain string anybody fits, metres; null where a material knows no such border there.
     *
     * @param  float  $lengthM  the string's own: baritones take thicker ones
     * @param  bool  $low  whether the instrument is tuned low for its kind, or its third is plain by custom
     */
    public function plainUpToM(Material $material, float $lengthM, bool $low = false): ?float
    {
        $thousandths = match ($material) {
            Material::MusicWire => match ($this->kind) {
                Kind::ElectricGuitar, Kind::Other => $lengthM >= self::BARITONE_FROM_M ? 26.0 : 22.0,
                Kind::LapSteel => 26.0,
                Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar => $low ? 20.0 : 18.0,
                Kind::Bass, Kind::AcousticBass => 26.0,
                Kind::Banjo => $low ? 20.0 : 17.0,
                Kind::Mandolin => 17.0,
                Kind::OctaveMandolin => 22.0,
                // Steel is no string for these; where somebody says so all the same, as on other guitars.
                Kind::ClassicalGuitar, Kind::Ukulele, Kind::ElastomerBass => 22.0,
            },
            Material::Nylon, Material::NylonMultifilament => $this->kind === Kind::Ukulele ? 41.0 : 43.0,
            Material::Fluorocarbon => 36.0,
            Material::SyntheticGut => $this->kind === Kind::Ukulele ? 41.0 : 45.0,
            Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::PhosphorBronze, Material::Bronze8020,
            Material::SilverPlatedCopper, Material::NylonTape, Material::Polyurethane => null,
        };

        return $thousandths === null ? null : $thousandths * self::THOUSANDTH_M;
    }

    /** The thinnest wound string anybody fits, metres. */
    public function woundFromM(): float
    {
        return self::THOUSANDTH_M * match ($this->kind) {
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Other => 17.0,
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::Banjo, Kind::Mandolin, Kind::OctaveMandolin => 18.0,
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass => 24.0,
            Kind::ClassicalGuitar, Kind::Ukulele => 22.0,
        };
    }
}
