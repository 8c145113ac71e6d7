<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** How the neck is joined to the body. */
enum NeckJoint: string
{
    case Bolted = 'bolted';
    case Glued = 'glued';
    case Through = 'through';

    public function label(): string
    {
        return match ($this) {
            self::Bolted => 'bolted on',
            self::Glued => 'glued in',
            self::Through => 'through the body',
        };
    }
}
