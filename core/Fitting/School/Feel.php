<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** What is kept where strings change. */
enum Feel: string implements School
{
    case PerString = 'string';
    case Total = 'total';
    case Equal = 'equal';
    case BassHeavy = 'bass-heavy';

    public static function aspect(): string
    {
        return 'feel';
    }

    public function label(): string
    {
        return match ($this) {
            self::PerString => 'the feel of each string',
            self::Total => 'the pull of all together',
            self::Equal => 'one tension for all',
            self::BassHeavy => 'heavier to the low side',
        };
    }
}
