<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** When the end is cut off. */
enum Cut: string implements School
{
    case Before = 'before';
    case After = 'after';

    public static function aspect(): string
    {
        return 'cut';
    }

    public function label(): string
    {
        return match ($this) {
            self::Before => 'before winding, measured',
            self::After => 'once it is tuned',
        };
    }
}
