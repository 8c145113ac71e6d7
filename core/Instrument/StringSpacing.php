<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;

/** From the middle of one string to the middle of the next on usual instruments, metres: round figures, until somebody measured. */
final class StringSpacing
{
    /** At the nut. */
    public static function usualAtNutM(Kind $kind): float
    {
        return match ($kind) {
            Kind::ClassicalGuitar => 8.6e-3,
            Kind::Bass, Kind::AcousticBass => 10.0e-3,
            Kind::ElastomerBass, Kind::Ukulele => 9.0e-3,
            Kind::Banjo => 7.5e-3,
            default => 7.1e-3,
        };
    }

    /** At the saddle. */
    public static function usualAtSaddleM(Kind $kind): float
    {
        return match ($kind) {
            Kind::ClassicalGuitar => 11.7e-3,
            Kind::Bass, Kind::AcousticBass => 19.0e-3,
            Kind::ElastomerBass => 14.0e-3,
            Kind::Ukulele => 13.0e-3,
            Kind::Banjo => 10.0e-3,
            default => 10.5e-3,
        };
    }
}
