<?php

declare(strict_types=1);

namespace Lira\Intonation;

use Lira\Instrument\BridgeHold;
use Lira\Instrument\Instrument;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;

/** What can be moved to bring an instrument in tune along its frets. */
enum Saddles: string
{
    /** Each string has a saddle of its own. */
    case Each = 'each';
    /** One piece that its strings hold: it takes a place and a slant. */
    case Loose = 'loose';
    /** One piece in a bridge that is glued on: what its saddle's top can take is for a repairer. */
    case Fixed = 'fixed';

    /** As recorded, else as is usual with such an anchor and kind. */
    public static function of(Instrument $instrument): self
    {
        $hardware = $instrument->hardware;

        return match (true) {
            $hardware->saddle->screwPitchM !== null => self::Each,
            BridgeHold::of($instrument->kind, $hardware) === BridgeHold::Loose => self::Loose,
            $hardware->anchor->isGluedOn() => self::Fixed,
            default => self::Each,
        };
    }
}
