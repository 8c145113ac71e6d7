<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Strings\StringEnd;

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

    /** Whether it holds a string that ends so. */
    public function holds(StringEnd $end): bool
    {
        return match ($this) {
            self::LoopEnd => $end === StringEnd::Loop,
            self::TieBlock, self::SlottedElastomer => $end !== StringEnd::Loop,
            default => $end === StringEnd::Ball,
        };
    }

    /** What to order for it. */
    public function takes(): StringEnd
    {
        return match ($this) {
            self::LoopEnd => StringEnd::Loop,
            self::TieBlock => StringEnd::Bare,
            default => StringEnd::Ball,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::BridgePins => 'bridge pins',
            self::Pinless => 'a pinless bridge',
            self::StringThrough => 'ferrules through the body',
            self::TopLoading => 'a top-loading bridge',
            self::StopTailpiece => 'a stop tailpiece',
            self::OverWrapped => 'a wrapped-over tailpiece',
            self::Vibrato => 'a vibrato',
            self::TieBlock => 'a tie block',
            self::LoopEnd => 'hooks for loops',
            self::SlottedElastomer => 'slots for elastomer strings',
        };
    }

    /** Whether it floats against springs, so that another total moves the bridge. */
    public function floats(): bool
    {
        return $this === self::Vibrato;
    }
}
