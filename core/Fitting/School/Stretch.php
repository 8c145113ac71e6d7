<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** How strings are stretched. */
enum Stretch: string implements School
{
    case Pairs = 'pairs';
    case ThumbAndFinger = 'thumb-and-finger';
    case Lift = 'lift';
    case Play = 'play';
    case PreStretch = 'pre-stretch';

    public static function aspect(): string
    {
        return 'stretch';
    }

    public function label(): string
    {
        return match ($this) {
            self::Pairs => 'squeezed together in pairs',
            self::ThumbAndFinger => 'thumb down, forefinger up, along the string',
            self::Lift => 'lifted at the 12th fret',
            self::Play => 'just played',
            self::PreStretch => 'before and while they are fitted',
        };
    }
}
