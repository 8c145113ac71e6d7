<?php

declare(strict_types=1);

namespace Lira\Reach;

/** What ends the range of pitches in which a string is any good on an instrument. */
enum Bound: string
{
    case Flaps = 'flaps';
    case Dull = 'dull';
    case Intonation = 'intonation';
    case Breaks = 'breaks';
    case Hard = 'hard';
    case Overload = 'overload';

    /** Whether it is a lowest pitch, not a highest. */
    public function isFloor(): bool
    {
        return match ($this) {
            self::Flaps, self::Dull, self::Intonation => true,
            self::Breaks, self::Hard, self::Overload => false,
        };
    }
}
