<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** Figures that were given one for all strings or one for each. */
final class EachString
{
    /** @param  list<float>  $figures  string 1 first; one for all; empty if not measured */
    public static function at(array $figures, int $position): ?float
    {
        return count($figures) === 1 ? $figures[0] : ($figures[$position - 1] ?? null);
    }
}
