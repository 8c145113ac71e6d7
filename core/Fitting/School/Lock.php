<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** How the end is kept from slipping on its post. */
enum Lock: string implements School
{
    case None = 'none';
    case OverUnder = 'over-under';
    case UnderBack = 'under-back';

    public static function aspect(): string
    {
        return 'lock';
    }

    public function label(): string
    {
        return match ($this) {
            self::None => 'by its turns alone',
            self::OverUnder => 'one turn over the tail, the rest under it',
            self::UnderBack => 'under the string and back over itself',
        };
    }
}
