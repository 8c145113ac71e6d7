<?php

declare(strict_types=1);

namespace Lira\Fit;

/**
 * The springs of a floating bridge balance the strings as torques about its pivot: what the strings pull times their height over
 * it is what the springs pull times their arm.
 */
final class Springs
{
    /** By which factor the springs' force has to change. */
    public static function forceRatio(float $totalBeforeN, float $totalAfterN): float
    {
        return $totalAfterN / $totalBeforeN;
    }

    /**
     * How far the claw has to move for the bridge to sit as before: ρ ΔΣT/(rate · springs); positive pulls the springs tighter.
     *
     * @param  float  $totalChangeN  of the strings' tensions, newtons
     * @param  float  $lever  ρ, the strings' height over the pivot as a share of the springs' arm, above 0
     * @param  float  $rateNPerM  of one spring, newtons per metre, above 0
     * @param  int  $springs  how many, at least 1
     * @return float metres
     */
    public static function travelM(float $totalChangeN, float $lever, float $rateNPerM, int $springs): float
    {
        return $lever * $totalChangeN / ($rateNPerM * $springs);
    }
}
