<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** When strings are tuned up. */
enum Tune: string implements School
{
    case Each = 'each';
    case All = 'all';

    public static function aspect(): string
    {
        return 'tune';
    }

    public function label(): string
    {
        return match ($this) {
            self::Each => 'each as it is fitted',
            self::All => 'all once they are on',
        };
    }
}
