<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The kind of tuner post. */
enum PostType: string
{
    case Standard = 'standard';
    case Locking = 'locking';
    case Slotted = 'slotted';

    public function label(): string
    {
        return match ($this) {
            self::Standard => 'wound round the post',
            self::Locking => 'locked in the post',
            self::Slotted => 'slotted, end in the middle',
        };
    }
}
