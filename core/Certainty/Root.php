<?php

declare(strict_types=1);

namespace Lira\Certainty;

/** Where a function is zero. */
final class Root
{
    private const STEPS = 200;

    /**
     * Where a rising function is zero: false position with the Illinois halving, always inside its bracket.
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
                [$low, $atLow] = [$middle, $value];
                $atHigh = $side === -1 ? $atHigh / 2 : $atHigh;
                $side = -1;
            } else {
                [$high, $atHigh] = [$middle, $value];
                $atLow = $side === 1 ? $atLow / 2 : $atLow;
                $side = 1;
            }
        }

        return $middle;
    }
}
