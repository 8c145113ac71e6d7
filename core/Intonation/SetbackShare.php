<?php

declare(strict_types=1);

namespace Lira\Intonation;

use Lira\Certainty\Interval;

/** Where in its range a saddle is found on this instrument: learned from its strings, with a prior of the middle worth two of them. */
final class SetbackShare
{
    private const PRIOR = 0.5;

    private const PRIOR_STRINGS = 2;

    /**
     * @param  list<array{found: float, range: Interval}>  $strings  setbacks, metres
     * @return float 0 at the near end of a range, 1 at its far end; as found, so also beyond
     */
    public static function of(array $strings): float
    {
        $shares = [];
        foreach ($strings as ['found' => $found, 'range' => $range]) {
            if ($range->high > $range->low) {
                $shares[] = ($found - $range->low) / ($range->high - $range->low);
            }
        }

        return self::among($shares);
    }

    /** @param  list<float>  $shares  as each string showed it, in whatever it was read */
    public static function among(array $shares): float
    {
        return (self::PRIOR * self::PRIOR_STRINGS + array_sum($shares)) / (self::PRIOR_STRINGS + count($shares));
    }
}
