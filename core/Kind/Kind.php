<?php

declare(strict_types=1);

namespace Lira\Kind;

/** What kind of instrument it is. It decides what is usual: strings, cores, hardware, cautions ({@see Custom}). */
enum Kind: string
{
    case ElectricGuitar = 'electric-guitar';
    case AcousticGuitar = 'acoustic-guitar';
    case ResonatorGuitar = 'resonator-guitar';
    case TenorGuitar = 'tenor-guitar';
    case LapSteel = 'lap-steel';
    case ClassicalGuitar = 'classical-guitar';
    case Bass = 'bass';
    case AcousticBass = 'acoustic-bass';
    case ElastomerBass = 'elastomer-bass';
    case Banjo = 'banjo';
    case Mandolin = 'mandolin';
    case OctaveMandolin = 'octave-mandolin';
    case Ukulele = 'ukulele';
    case Other = 'other';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    public function isBass(): bool
    {
        return match ($this) {
            self::Bass, self::AcousticBass, self::ElastomerBass => true,
            self::ElectricGuitar, self::AcousticGuitar, self::ResonatorGuitar, self::TenorGuitar, self::LapSteel, self::ClassicalGuitar,
            self::Banjo, self::Mandolin, self::OctaveMandolin, self::Ukulele, self::Other => false,
        };
    }

    /** Whether its top is thin wood that follows the air. */
    public function hasLightTop(): bool
    {
        return match ($this) {
            self::AcousticGuitar, self::ResonatorGuitar, self::TenorGuitar, self::ClassicalGuitar, self::AcousticBass, self::Mandolin,
            self::OctaveMandolin, self::Ukulele => true,
            self::ElectricGuitar, self::LapSteel, self::Bass, self::ElastomerBass, self::Banjo, self::Other => false,
        };
    }

    /** Whether a skin is its top, on which a loose bridge stands. */
    public function hasHead(): bool
    {
        return match ($this) {
            self::Banjo => true,
            self::ElectricGuitar, self::AcousticGuitar, self::ResonatorGuitar, self::TenorGuitar, self::LapSteel, self::ClassicalGuitar,
            self::Bass, self::AcousticBass, self::ElastomerBass, self::Mandolin, self::OctaveMandolin, self::Ukulele, self::Other => false,
        };
    }

    /** Whether steel is usual on it: what sweat and salt work on. */
    public function isStrungWithMetal(): bool
    {
        return match ($this) {
            self::ElectricGuitar, self::AcousticGuitar, self::ResonatorGuitar, self::TenorGuitar, self::LapSteel, self::Bass,
            self::AcousticBass, self::Banjo, self::Mandolin, self::OctaveMandolin, self::Other => true,
            self::ClassicalGuitar, self::ElastomerBass, self::Ukulele => false,
        };
    }

    /** Whether its neck has a rod to set, where nothing else is said of it. */
    public function usuallyHasRod(): bool
    {
        return match ($this) {
            self::LapSteel, self::Ukulele => false,
            self::ElectricGuitar, self::AcousticGuitar, self::ResonatorGuitar, self::TenorGuitar, self::ClassicalGuitar, self::Bass,
            self::AcousticBass, self::ElastomerBass, self::Banjo, self::Mandolin, self::OctaveMandolin, self::Other => true,
        };
    }

    /** Whether a low tuning makes a baritone guitar of it. */
    public function becomesBaritone(): bool
    {
        return match ($this) {
            self::ElectricGuitar, self::AcousticGuitar, self::ResonatorGuitar, self::ClassicalGuitar, self::Other => true,
            self::TenorGuitar, self::LapSteel, self::Bass, self::AcousticBass, self::ElastomerBass, self::Banjo, self::Mandolin,
            self::OctaveMandolin, self::Ukulele => false,
        };
    }
}
