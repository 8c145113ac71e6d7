<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Anchor;
use Lira\Kind\Kind;

/** What keeps the bridge where it is when strings come off. */
enum BridgeHold: string
{
    case Fixed = 'fixed';
    case Floating = 'floating';
    case Loose = 'loose';
    case Blocked = 'blocked';

    /** What keeps an instrument's bridge: as recorded, else as is usual with such an anchor and kind. */
    public static function of(Kind $kind, Hardware $hardware): self
    {
        return $hardware->bridge ?? match (true) {
            $hardware->anchor->floats() => self::Floating,
            $hardware->anchor === Anchor::LoopEnd, $kind->hasHead() => self::Loose,
            default => self::Fixed,
        };
    }

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
