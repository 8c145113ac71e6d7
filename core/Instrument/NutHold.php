<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** What holds the nut in its place. */
enum NutHold: string
{
    case Glued = 'glued';
    case Strings = 'strings';

    public function label(): string
    {
        return match ($this) {
            self::Glued => 'glued in',
            self::Strings => 'held by its strings alone',
        };
    }
}
