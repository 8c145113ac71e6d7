<?php

declare(strict_types=1);

namespace Lira\Kind;

/** The kind of tuner post. */
enum PostType: string
{
    case Standard = 'standard';
    case Locking = 'locking';
    case Slotted = 'slotted';
    case Roller = 'roller';
    case BanjoFifth = 'banjo-fifth';
    case Elastomer = 'elastomer';

    public function label(): string
    {
        return match ($this) {
            self::Standard => 'wound round the post',
            self::Locking => 'locked in the post',
            self::Slotted => 'slotted, end in the middle',
            self::Roller => 'roller of a slotted head',
            self::BanjoFifth => 'at the neck’s side, for a banjo’s fifth',
            self::Elastomer => 'slotted, for elastomer strings',
        };
    }

    /** Whether more turns lead the string lower, and so steepen its angle behind the nut. */
    public function windsDown(): bool
    {
        return match ($this) {
            self::Standard, self::Slotted, self::BanjoFifth => true,
            self::Locking, self::Roller, self::Elastomer => false,
        };
    }
}
