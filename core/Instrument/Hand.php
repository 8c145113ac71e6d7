<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** How hard a string is picked. */
enum Hand: string
{
    case Soft = 'soft';
    case Medium = 'medium';
    case Hard = 'hard';
}
