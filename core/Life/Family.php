<?php

declare(strict_types=1);

namespace Lira\Life;

use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Strings\StringType;

/** Strings that wear alike, so that one tells of the other: by material, by what they are on, and coated or not. */
enum Family: string
{
    case Steel = 'steel';
    case Bronze = 'bronze';
    case BassSteel = 'bass-steel';
    case NylonTreble = 'nylon-treble';
    case NylonBass = 'nylon-bass';
    case Elastomer = 'elastomer';

    /** A coating keeps sweat out: three times as long. */
    private const COATED = 3.0;

    /** @param  Kind  $kind  of the instrument it is on */
    public static function of(StringType $string, Kind $kind): self
    {
        return match ($string->material) {
            Material::PhosphorBronze, Material::Bronze8020 => self::Bronze,
            Material::SilverPlatedCopper => self::NylonBass,
            Material::Nylon, Material::NylonMultifilament, Material::Fluorocarbon, Material::SyntheticGut => $string->construction->isWound()
                ? self::NylonBass : self::NylonTreble,
            Material::Polyurethane => self::Elastomer,
            Material::MusicWire, Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::NylonTape => $kind->isBass()
                ? self::BassSteel : self::Steel,
        };
    }

    /** How long half of them last before anything is learned, hours played. */
    public function usualMedianH(bool $coated = false): float
    {
        return ($coated ? self::COATED : 1.0) * match ($this) {
            self::Steel => 40.0,
            self::Bronze => 30.0,
            self::BassSteel => 150.0,
            self::NylonTreble => 150.0,
            self::NylonBass => 60.0,
            self::Elastomer => 300.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Steel => 'steel and nickel',
            self::Bronze => 'bronze',
            self::BassSteel => 'steel and nickel on a bass',
            self::NylonTreble => 'plain nylon and its kin',
            self::NylonBass => 'wound on nylon',
            self::Elastomer => 'elastomer',
        };
    }
}
