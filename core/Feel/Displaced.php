<?php

declare(strict_types=1);

namespace Lira\Feel;

/** A string pushed out of its straight line at one point. Lengths in metres. */
final class Displaced
{
    /**
     * How much longer a string gets when it is pushed by h between two ends at distances a and b:
     * √(a² + h²) − a + √(b² + h²) − b, written so that it keeps its figures when h is small.
     */
    public static function addedLengthM(float $a, float $b, float $h): float
    {
        return self::slantedM($a, $h) + self::slantedM($b, $h);
    }

    /** How much longer a stretch of a is once one of its ends stands h aside: √(a² + h²) − a. */
    public static function slantedM(float $a, float $h): float
    {
        return $h ** 2 / (hypot($a, $h) + $a);
    }
}
