<?php

declare(strict_types=1);

namespace Lira\Target;

/** A string that choosing leaves alone: locked against every change, or only left out of solving. */
enum Hold: string
{
    case Locked = 'locked';
    case Muted = 'muted';
}
