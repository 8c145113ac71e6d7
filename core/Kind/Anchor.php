<?php

declare(strict_types=1);

namespace Lira\Kind;

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
    case LockingSaddle = 'locking-saddle';
    case TieBlock = 'tie-block';
    case LoopEnd = 'loop-end';
    case SlottedElastomer = 'slotted-elastomer';

    /** What a knot takes of the string, metres: two passes of a plain one round a tie block, one of a wound one; a loop tied in gut. */
    private const TIED_PLAIN_M = 0.080;

    private const TIED_WOUND_M = 0.060;

    private const LOOP_KNOT_M = 0.070;

    /** Whether it holds a string that ends so; gut and nylon without a loop are tied to a hook. */
    public function holds(StringEnd $end, bool $polymer): bool
    {
        return match ($this) {
            self::LoopEnd => $end === StringEnd::Loop || ($end === StringEnd::Bare && $polymer),
            self::TieBlock, self::SlottedElastomer, self::LockingSaddle => $end !== StringEnd::Loop,
            self::BridgePins, self::Pinless, self::StringThrough, self::TopLoading, self::StopTailpiece, self::OverWrapped,
            self::Vibrato => $end === StringEnd::Ball,
        };
    }

    /** Whether it is in a bridge that is glued to the top: that is a repairer's. */
    public function isGluedOn(): bool
    {
        return match ($this) {
            self::BridgePins, self::Pinless, self::TieBlock => true,
            self::StringThrough, self::TopLoading, self::StopTailpiece, self::OverWrapped, self::Vibrato, self::LockingSaddle, self::LoopEnd,
            self::SlottedElastomer => false,
        };
    }

    /** Whether a string that comes from behind can be led over it instead. */
    public function canBeWrapped(): bool
    {
        return match ($this) {
            self::StopTailpiece, self::TopLoading => true,
            self::BridgePins, self::Pinless, self::StringThrough, self::OverWrapped, self::Vibrato, self::LockingSaddle, self::TieBlock,
            self::LoopEnd, self::SlottedElastomer => false,
        };
    }

    /**
     * What a knot in the string takes of it where it is held, metres; 0 where none is tied.
     *
     * @param  ?StringEnd  $end  what the string ends in, if known
     */
    public function knotM(?StringEnd $end, bool $wound): float
    {
        $bare = $end === null || $end === StringEnd::Bare;

        return match ($this) {
            self::TieBlock => $bare ? ($wound ? self::TIED_WOUND_M : self::TIED_PLAIN_M) : 0.0,
            self::LoopEnd => $end === StringEnd::Bare ? self::LOOP_KNOT_M : 0.0,
            self::BridgePins, self::Pinless, self::StringThrough, self::TopLoading, self::StopTailpiece, self::OverWrapped, self::Vibrato,
            self::LockingSaddle, self::SlottedElastomer => 0.0,
        };
    }

    /** Whether the end of one string is tucked under the next. */
    public function tucksEnds(): bool
    {
        return match ($this) {
            self::TieBlock => true,
            self::BridgePins, self::Pinless, self::StringThrough, self::TopLoading, self::StopTailpiece, self::OverWrapped, self::Vibrato,
            self::LockingSaddle, self::LoopEnd, self::SlottedElastomer => false,
        };
    }

    /** What to order for it. */
    public function takes(): StringEnd
    {
        return match ($this) {
            self::LoopEnd => StringEnd::Loop,
            self::TieBlock => StringEnd::Bare,
            self::BridgePins, self::Pinless, self::StringThrough, self::TopLoading, self::StopTailpiece, self::OverWrapped, self::Vibrato,
            self::LockingSaddle, self::SlottedElastomer => StringEnd::Ball,
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
            self::LockingSaddle => 'saddles that clamp bare ends',
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
