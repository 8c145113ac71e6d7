<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** What keeps the bridge where it is when strings come off. */
enum BridgeHold: string
{
    case Fixed = 'fixed';
    case Floating = 'floating';
    case Loose = 'loose';
    case Blocked = 'blocked';

    public function label(): string
    {
        return match ($this) {
            self::Fixed => 'fixed',
            self::Floating => 'floats against springs',
            self::Loose => 'loose, held by its strings',
            self::Blocked => 'floating, and blocked',
        };
    }
}
