<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** How many strings are off at once. */
enum OffAtOnce: string implements School
{
    case One = 'one';
    case Pairs = 'pairs';
    case All = 'all';

    public static function aspect(): string
    {
        return 'off-at-once';
    }

    public function label(): string
    {
        return match ($this) {
            self::One => 'one string at a time',
            self::Pairs => 'two at a time',
            self::All => 'all, slackened evenly',
        };
    }

    public function strings(int $all): int
    {
        return match ($this) {
            self::One => 1,
            self::Pairs => min(2, $all),
            self::All => $all,
        };
    }
}
