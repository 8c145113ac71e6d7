<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** In what words the length to leave is said. */
enum Leave: string implements School
{
    case Millimetres = 'millimetres';
    case Posts = 'posts';
    case Fret = 'fret';
    case Lift = 'lift';

    public static function aspect(): string
    {
        return 'leave';
    }

    public function label(): string
    {
        return match ($this) {
            self::Millimetres => 'a measured length',
            self::Posts => 'so many posts past its own',
            self::Fret => 'so much of the first fret’s distance',
            self::Lift => 'fingers under the string at the 12th fret',
        };
    }
}
