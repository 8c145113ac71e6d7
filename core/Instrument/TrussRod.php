<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** What the neck is braced with against the pull of the strings. */
enum TrussRod: string
{
    case OneWay = 'one-way';
    case TwoWay = 'two-way';
    case Fixed = 'fixed';
    case None = 'none';

    /** Whether the relief can be set with it. */
    public function adjusts(): bool
    {
        return $this === self::OneWay || $this === self::TwoWay;
    }

    public function label(): string
    {
        return match ($this) {
            self::OneWay => 'works one way',
            self::TwoWay => 'works both ways',
            self::Fixed => 'fixed bar',
            self::None => 'none',
        };
    }
}
