<?php

declare(strict_types=1);

namespace Tests\Core\Feel;

use Lira\Feel\AttackSharpening;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/**
 * How sharp a plucked note starts, against the motion itself: many modes of a string whose tension follows its stretch
 * (Kirchhoff and Carrier) are stepped through time, and the period of the fundamental is read off.
 */
final class AttackSharpeningTest extends CoreTestCase
{
    private const MODES = 40;

    private const STEPS_A_PERIOD = 1200;

    /** @return iterable<string, array{float, float, float, float, float, float}> EA, tension, length, force, where, beyond */
    public static function plucks(): iterable
    {
        yield 'a plain eleven, hard, at the usual place' => [12_470.8, 69.33, 0.648, 2.2, 0.12, 0.0];
        yield 'a thin string in the middle' => [10_300.0, 73.0, 0.648, 1.5, 0.324, 0.0];
        yield 'as near the saddle as it holds' => [12_470.8, 69.33, 0.648, 2.2, 0.054, 0.0];
        yield 'a slack low string, hard' => [27_600.0, 58.0, 0.686, 2.2, 0.15, 0.0];
        yield 'a bass, hard' => [50_600.0, 180.0, 0.864, 7.0, 0.12, 0.0];
        yield 'with a long way to the anchor' => [27_600.0, 58.0, 0.628, 2.2, 0.12, 0.20];
    }

    #[DataProvider('plucks')]
    public function test_it_starts_as_sharp_as_the_motion_does(float $ea, float $tension, float $length, float $force, float $from, float $extra): void
    {
        $told = AttackSharpening::of($ea, $tension, $length, $force, $from, $extra);
        $moved = self::integrated($ea, $tension, $length, $force, $from, $extra, self::MODES);

        self::assertEqualsWithDelta($moved, $told->startCents, 0.10 * $moved);
        // Later the fundamental alone is left, and stretches the string less.
        self::assertLessThan($told->startCents, $told->afterCents);
        self::assertEqualsWithDelta(
            self::integrated($ea, $tension, $length, $force, $from, $extra, 1),
            $told->afterCents,
            0.03 * $told->afterCents,
        );
    }

    public function test_no_force_and_twice_the_force(): void
    {
        self::assertSame(0.0, AttackSharpening::of(12_000.0, 70.0, 0.648, 0.0, 0.12)->startCents);
        self::assertSame(0.0, AttackSharpening::of(12_000.0, 70.0, 0.648, 0.0, 0.12)->afterCents);
        $soft = AttackSharpening::of(12_000.0, 70.0, 0.648, 0.02, 0.12);
        $harder = AttackSharpening::of(12_000.0, 70.0, 0.648, 0.04, 0.12);
        self::assertEqualsWithDelta(4.0, $harder->startCents / $soft->startCents, 1e-3);
    }

    /**
     * Modes y = Σ q_n sin(nπx/L): q̈_n = −(nω)² q_n · T(t)/T, T(t) = T + EA/(L + beyond) · Σ (nπ q_n)²/(4L), stepped by leapfrog. The
     * start's pitch is the mean over the first eight periods of the fundamental.
     *
     * @return float cents above the undisturbed string
     */
    private static function integrated(float $ea, float $tension, float $length, float $force, float $from, float $extra, int $modes): float
    {
        $high = $force * $from * ($length - $from) / ($tension * $length);
        $q = $speed = [];
        for ($n = 1; $n <= $modes; $n++) {
            $q[$n] = 2 * $high * $length ** 2 * sin($n * M_PI * $from / $length) / ($n ** 2 * M_PI ** 2 * $from * ($length - $from));
            $speed[$n] = 0.0;
        }
        // In units of the undisturbed period.
        $step = 1 / self::STEPS_A_PERIOD;
        $stiff = $ea / ($length + $extra) / (4 * $length) * M_PI ** 2 / $tension;
        [$crossings, $time, $last] = [[], 0.0, $q[1]];
        while (count($crossings) < 17) {
            $raised = 1.0;
            foreach ($q as $n => $value) {
                $raised += $stiff * ($n * $value) ** 2;
            }
            foreach ($q as $n => $value) {
                $speed[$n] -= (2 * M_PI * $n) ** 2 * $raised * $value * $step;
                $q[$n] = $value + $speed[$n] * $step;
            }
            $time += $step;
            if ($last * $q[1] < 0) {
                $crossings[] = $time - $step * $q[1] / ($q[1] - $last);
            }
            $last = $q[1];
        }

        return 1200 * log(8 / ($crossings[16] - $crossings[0]), 2);
    }
}
