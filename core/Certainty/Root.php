<?php

declare(strict_types=1);

namespace Lira\Certainty;

/** Where a function is zero. */
final class Root
{
    private const STEPS = 200;

    /**
     * Where a rising function is zero: false position as Anderson and Björck have it (1973), always inside its bracket.
     *
     * @param  \Closure(float): float  $rising  below zero at the low end
     * @param  float  $accuracy  of the place, relative to the high end
     * @return ?float null where it is still below zero at the high end
     */
    public static function ofRising(\Closure $rising, float $low, float $high, float $accuracy = 1e-15): ?float
    {
        [$atLow, $atHigh] = [$rising($low), $rising($high)];
        if ($atHigh < 0) {
            return null;
        }
        $middle = $high;
        $side = 0;
        for ($step = 0; $step < self::STEPS && $high - $low > $accuracy * $high; $step++) {
            $middle = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $value = $rising($middle);
            if (abs($value) < 1e-14) {
                break;
            }
            if ($value < 0) {
                $atHigh = $side === -1 ? $atHigh * self::less($value / $atLow) : $atHigh;
                [$low, $atLow, $side] = [$middle, $value, -1];
            } else {
                $atLow = $side === 1 ? $atLow * self::less($value / $atHigh) : $atLow;
                [$high, $atHigh, $side] = [$middle, $value, 1];
            }
        }

        return $middle;
    }

    /**
     * By what the value at the end that stays is taken less, so that it is left at last.
     *
     * @param  float  $left  of the value at the end that moves, at least 0
     */
    private static function less(float $left): float
    {
        return $left < 1 ? 1 - $left : 0.5;
    }
}
