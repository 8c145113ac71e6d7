<?php

declare(strict_types=1);

namespace App\Bench\Answer;

use Lira\Strings\BuiltString;
use Lira\Strings\StringType;
use Lira\Wording\Units;

/** Gauges in one line, as they are said across a counter: 10 13 17 26w 36w 46w. */
final class GaugeLine
{
    /** @param  list<StringType>  $strings  string 1 first */
    public static function of(array $strings, Units $units): string
    {
        $wound = array_filter($strings, static fn (StringType $string): bool => $string->construction->isWound());
        // On a bass all are wound, which nobody says; elsewhere the mark stands at each.
        $marked = count($wound) < count($strings);
        $gauges = array_map(static fn (StringType $string): string => self::one($string, $units, $marked), $strings);

        return implode(' ', $gauges).($units->gauge === 'mm' ? ' mm' : '');
    }

    /**
     * @param  list<BuiltString>  $strings
     * @return list<StringType>
     */
    public static function types(array $strings): array
    {
        return array_map(static fn (BuiltString $string): StringType => $string->spec->type, $strings);
    }

    public static function one(StringType $string, Units $units, bool $marked = true): string
    {
        return $units->gauge($string->gauge).($marked && $string->construction->isWound() ? 'w' : '');
    }
}
