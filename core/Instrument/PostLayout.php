<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;

/** Where the tuner posts stand on the headstock. */
enum PostLayout: string
{
    case OneSide = 'one-side';
    case BothSides = 'both-sides';

    /** Where they usually stand on such an instrument. */
    public static function usualFor(Kind $kind): self
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::Bass, Kind::Other => self::OneSide,
            default => self::BothSides,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::OneSide => 'all on one side',
            self::BothSides => 'on both sides',
        };
    }
}
