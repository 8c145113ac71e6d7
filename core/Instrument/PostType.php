<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The kind of tuner post. */
enum PostType: string
{
    case Standard = 'standard';
    case Locking = 'locking';
    case Slotted = 'slotted';
}
