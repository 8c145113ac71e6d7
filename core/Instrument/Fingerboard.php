<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The wood of the fingerboard: it decides what may touch it while the strings are off. */
enum Fingerboard: string
{
    case Rosewood = 'rosewood';
    case Ebony = 'ebony';
    case Maple = 'maple';
    case Other = 'other';

    /** Whether its wood is bare, and drinks what keeps it. */
    public function isBare(): bool
    {
        return match ($this) {
            self::Rosewood, self::Ebony => true,
            self::Maple, self::Other => false,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Rosewood => 'rosewood, bare',
            self::Ebony => 'ebony, bare',
            self::Maple => 'maple, lacquered',
            self::Other => 'another wood',
        };
    }
}
