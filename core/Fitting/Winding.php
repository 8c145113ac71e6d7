<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** Which way turns go: round a post, seen along it from its top, or along a roller, from where its hole is. */
enum Winding: string
{
    case Clockwise = 'clockwise';
    case Anticlockwise = 'anticlockwise';
    case Outwards = 'outwards';
    case Inwards = 'inwards';

    /** As in a mirror: on a left-handed instrument. */
    public function mirrored(): self
    {
        return match ($this) {
            self::Clockwise => self::Anticlockwise,
            self::Anticlockwise => self::Clockwise,
            self::Outwards, self::Inwards => $this,
        };
    }

    /** A clause of at most eight words. */
    public function clause(): string
    {
        return match ($this) {
            self::Clockwise, self::Anticlockwise => "{$this->value}, seen from its top",
            self::Outwards => 'off its front, outwards to its button',
            self::Inwards => 'off its front, inwards from its button',
        };
    }
}
