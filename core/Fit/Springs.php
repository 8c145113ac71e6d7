<?php

declare(strict_types=1);

namespace Lira\Fit;

/** The springs of a floating bridge balance the strings, so their force must change as the strings' total does. */
final class Springs
{
    /** By which factor the springs' force has to change. */
    public static function forceRatio(float $totalBeforeN, float $totalAfterN): float
    {
        return $totalAfterN / $totalBeforeN;
    }

    /**
     * How far the claw has to move to give that force: ΔF/(rate · springs); positive pulls the springs tighter.
     *
     * @param  float  $forceChangeN  newtons
     * @param  float  $rateNPerM  of one spring, newtons per metre, above 0
     * @param  int  $springs  how many, at least 1
     * @return float metres
     */
    public static function travelM(float $forceChangeN, float $rateNPerM, int $springs): float
    {
        return $forceChangeN / ($rateNPerM * $springs);
    }
}
