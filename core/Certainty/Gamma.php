<?php

declare(strict_types=1);

namespace Lira\Certainty;

/** The gamma distribution. */
final class Gamma
{
    private const STEPS = 500;

    private const SMALLEST = 1e-300;

    /** Lanczos' approximation of the gamma function, g = 7; good to 15 digits. */
    private const LANCZOS = [
        0.999_999_999_999_809_93, 676.520_368_121_885_1, -1259.139_216_722_402_8, 771.323_428_777_653_13,
        -176.615_029_162_140_6, 12.507_343_278_686_905, -0.138_571_095_265_720_12, 9.984_369_578_019_571_6e-6, 1.505_632_735_149_311_6e-7,
    ];

    /**
     * The regularised lower incomplete gamma function P(a, x): the chance that a gamma of shape a and rate 1 is at most x. By its series
     * below a + 1, by Lentz' continued fraction above (Abramowitz and Stegun 6.5.29, 6.5.31).
     *
     * @param  float  $a  above 0
     * @param  float  $x  at least 0
     */
    public static function upTo(float $a, float $x): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        $front = exp($a * log($x) - $x - self::logOf($a));

        return $x < $a + 1 ? self::series($a, $x) * $front : 1 - self::fraction($a, $x) * $front;
    }

    /** ln Γ(a). @param  float  $a  above 0 */
    public static function logOf(float $a): float
    {
        $z = $a - 1;
        $sum = self::LANCZOS[0];
        for ($term = 1; $term < count(self::LANCZOS); $term++) {
            $sum += self::LANCZOS[$term] / ($z + $term);
        }
        $t = $z + 7.5;

        return 0.5 * log(2 * M_PI) + ($z + 0.5) * log($t) - $t + log($sum);
    }

    private static function series(float $a, float $x): float
    {
        $sum = $term = 1 / $a;
        for ($step = 1; $step < self::STEPS; $step++) {
            $term *= $x / ($a + $step);
            $sum += $term;
            if ($term < $sum * 1e-16) {
                break;
            }
        }

        return $sum;
    }

    private static function fraction(float $a, float $x): float
    {
        $b = $x + 1 - $a;
        $c = 1 / self::SMALLEST;
        $d = 1 / $b;
        $h = $d;
        for ($step = 1; $step < self::STEPS; $step++) {
            $an = -$step * ($step - $a);
            $b += 2;
            $d = 1 / self::notZero($an * $d + $b);
            $c = self::notZero($b + $an / $c);
            $h *= $d * $c;
            if (abs($d * $c - 1) < 1e-16) {
                break;
            }
        }

        return $h;
    }

    private static function notZero(float $value): float
    {
        return abs($value) < self::SMALLEST ? self::SMALLEST : $value;
    }
}
