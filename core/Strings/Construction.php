<?php

declare(strict_types=1);

namespace Lira\Strings;

/** How a string is built. */
enum Construction: string
{
    case Plain = 'plain';
    case RoundWound = 'round-wound';
    case HalfRound = 'half-round';
    case Flatwound = 'flatwound';
    case TapeWound = 'tape-wound';

    public function isWound(): bool
    {
        return $this !== self::Plain;
    }

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'plain',
            self::RoundWound => 'wound',
            self::HalfRound => 'half-round',
            self::Flatwound => 'flat',
            self::TapeWound => 'tape',
        };
    }
}
