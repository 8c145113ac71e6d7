<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** How the strings are held behind the saddle. */
enum Anchor: string
{
    case BridgePins = 'bridge-pins';
    case Pinless = 'pinless';
    case StringThrough = 'string-through';
    case TopLoading = 'top-loading';
    case StopTailpiece = 'stop-tailpiece';
    case OverWrapped = 'over-wrapped';
    case Vibrato = 'vibrato';
    case TieBlock = 'tie-block';
    case LoopEnd = 'loop-end';
    case SlottedElastomer = 'slotted-elastomer';

    /** Whether it floats against springs, so that another total moves the bridge. */
    public function floats(): bool
    {
        return $this === self::Vibrato;
    }
}
