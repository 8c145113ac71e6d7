<?php

declare(strict_types=1);

namespace Lira\Wording;

/** Positions of strings as they are said: "4", "1 and 2", "1, 2 and 5". */
final class Listed
{
    /**
     * @param  list<int>  $positions
     * @return string empty where there are none
     */
    public static function of(array $positions): string
    {
        $last = array_pop($positions);

        return $positions === [] ? (string) $last : implode(', ', $positions)." and {$last}";
    }

    /**
     * "string 4", "strings 1 and 2".
     *
     * @param  list<int>  $positions
     */
    public static function strings(array $positions): string
    {
        return (count($positions) > 1 ? 'strings ' : 'string ').self::of($positions);
    }
}
