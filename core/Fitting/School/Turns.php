<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** How many turns go on a post. */
enum Turns: string implements School
{
    case Usual = 'usual';
    case More = 'more';

    public static function aspect(): string
    {
        return 'turns';
    }

    public function label(): string
    {
        return match ($this) {
            self::Usual => 'as many as hold',
            self::More => 'one more',
        };
    }

    public function beyondUsual(): float
    {
        return $this === self::More ? 1.0 : 0.0;
    }
}
