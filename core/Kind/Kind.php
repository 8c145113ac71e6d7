<?php

declare(strict_types=1);

namespace Lira\Kind;

/** What kind of instrument it is. It decides which cores, gauges and cautions are usual. */
enum Kind: string
{
    case ElectricGuitar = 'electric-guitar';
    case AcousticGuitar = 'acoustic-guitar';
    case ClassicalGuitar = 'classical-guitar';
    case Bass = 'bass';
    case AcousticBass = 'acoustic-bass';
    case ElastomerBass = 'elastomer-bass';
    case Banjo = 'banjo';
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
            default => false,
        };
    }
}
