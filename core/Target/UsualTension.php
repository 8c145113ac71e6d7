<?php

declare(strict_types=1);

namespace Lira\Target;

use Lira\Kind\Kind;

/** What one string usually pulls on a kind of instrument, newtons: round figures to begin with, until somebody's own are known. */
final class UsualTension
{
    public static function newtons(Kind $kind): float
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::Other => 75.0,
            Kind::AcousticGuitar => 110.0,
            Kind::ClassicalGuitar => 68.0,
            Kind::Bass, Kind::AcousticBass => 180.0,
            Kind::ElastomerBass => 32.0,
            Kind::Banjo => 55.0,
            Kind::Ukulele => 45.0,
        };
    }
}
