<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** Which way turns go round a post, seen along it from its top. */
enum Winding: string
{
    case Clockwise = 'clockwise';
    case Anticlockwise = 'anticlockwise';

    /** As in a mirror: on a left-handed instrument. */
    public function mirrored(): self
    {
        return $this === self::Clockwise ? self::Anticlockwise : self::Clockwise;
    }
}
