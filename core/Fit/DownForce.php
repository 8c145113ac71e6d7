<?php

declare(strict_types=1);

namespace Lira\Fit;

/** The force with which a string presses on a nut or a saddle. */
final class DownForce
{
    /**
     * T (sin front + sin back). Too shallow buzzes, too steep stiffens and wears.
     *
     * @param  float  $frontRad  angle on the side of the speaking length, radians
     * @param  float  $backRad  angle on the other side, radians
     * @return float newtons
     */
    public static function newtons(float $tensionN, float $frontRad, float $backRad): float
    {
        return $tensionN * (sin($frontRad) + sin($backRad));
    }
}
