<?php

declare(strict_types=1);

namespace Lira\Kind;

/** How the instrument is heard; a magnetic pickup needs steel or nickel. */
enum Pickup: string
{
    case None = 'none';
    case Magnetic = 'magnetic';
    case Piezo = 'piezo';
    case Microphone = 'microphone';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Magnetic => 'magnetic',
            self::Piezo => 'piezo',
            self::Microphone => 'microphone',
        };
    }
}
