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
}
