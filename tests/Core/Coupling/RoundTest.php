<?php

declare(strict_types=1);

namespace Tests\Core\Coupling;

use Lira\Coupling\Coupled;
use Lira\Coupling\HungString;
use Lira\Coupling\Round;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** What is judged of a round before it begins. */
final class RoundTest extends CoreTestCase
{
    private const WANTED_N = 70.0;

    /** Worked by hand: string 3 gains 10 N, the ends give u = C · 10/(1 + C Σk) over those left alone, each of which loses k u. */
    public function test_strings_stay_whose_neighbours_pull_them_less_than_the_tolerance(): void
    {
        $steel = [1 => 10_000.0, 2 => 10_000.0, 3 => 10_000.0];
        // u = 1e-5/1.02 m, −0.098 N, −1.2 cents.
        self::assertSame([1, 2], self::round($steel, [1 => 70.0, 2 => 70.0, 3 => 60.0], 1e-6)->mayStay());
        // u = 1e-4/1.2 m, −0.83 N, −10.4 cents.
        self::assertSame([], self::round($steel, [1 => 70.0, 2 => 70.0, 3 => 60.0], 1e-5)->mayStay());
        // −1.2 cents again, and only one may.
        self::assertSame([], self::round($steel, [1 => 70.0, 2 => 70.0, 3 => 60.0], 1e-6, tolerance: 1.2)->mayStay());
        // String 2 of nylon loses 0.09 N and stays; string 1 of steel loses 0.9 N, 11 cents, and is tuned.
        self::assertSame([2], self::round([2 => 1_000.0] + $steel, [1 => 70.0, 2 => 70.0, 3 => 60.0], 1e-5)->mayStay());
        // One that is off, or far away, does not.
        self::assertSame([], self::round($steel, [1 => null, 2 => 69.0, 3 => 60.0], 0.0)->mayStay());
        // Those that are left alone already are not offered.
        self::assertSame([1], self::round($steel, [1 => 70.0, 2 => 70.0, 3 => 60.0], 1e-6, [3, 1])->mayStay());
    }

    public function test_those_that_stay_do_stay_on_any_instrument(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $some = 0;
        for ($case = 0; $case < 200; $case++) {
            [$stiffness, $present] = [[], []];
            foreach (range(1, 6) as $position) {
                $stiffness[$position] = (float) $random->getInt(500, 20_000);
                $present[$position] = self::WANTED_N + ($random->getInt(0, 2) === 0 ? $random->getInt(-600, 600) / 100 : $random->getInt(-20, 20) / 100);
            }
            $compliance = 10 ** ($random->getInt(-700, -500) / 100);
            $stay = self::round($stiffness, $present, $compliance)->mayStay();
            $after = (new Coupled(self::strings($stiffness, $present), array_values(array_diff([6, 5, 4, 3, 2, 1], $stay)), $compliance))->afterN();
            foreach ($stay as $position) {
                self::assertLessThanOrEqual(3.0, abs(self::cents((float) $after[$position])), "case {$case}, string {$position}");
                $some++;
            }
        }
        self::assertGreaterThan(100, $some);
    }

    public function test_a_round_has_landed_when_every_string_that_is_tuned_stands_at_its_pitch(): void
    {
        $k = [1 => 10_000.0, 2 => 10_000.0];
        // 3 cents are 0.243 N of 70.
        self::assertTrue(self::round($k, [1 => 70.24, 2 => 69.76], 1e-6, [2, 1])->hasLanded());
        self::assertFalse(self::round($k, [1 => 70.25, 2 => 70.0], 1e-6, [2, 1])->hasLanded());
        self::assertFalse(self::round($k, [1 => null, 2 => 70.0], 1e-6, [2, 1])->hasLanded());
        self::assertTrue(self::round($k, [1 => 60.0, 2 => 70.0], 1e-6, [2])->hasLanded());
        self::assertFalse(self::round($k, [1 => 70.0, 2 => 70.0], 1e-6, [])->hasLanded());
    }

    public function test_what_is_learned_is_kept_when_its_error_is_under_a_third_of_it(): void
    {
        self::assertTrue(Round::isLearned(3e-6, 0.99e-6));
        self::assertFalse(Round::isLearned(3e-6, 1.01e-6));
        self::assertFalse(Round::isLearned(3e-6, null));
        self::assertFalse(Round::isLearned(0.0, 0.0));
    }

    /**
     * @param  array<int, float>  $stiffness  newtons per metre, by position
     * @param  array<int, ?float>  $present  newtons, by position
     * @param  ?list<int>  $order  the last string first where none is given
     */
    private static function round(array $stiffness, array $present, float $compliance, ?array $order = null, float $tolerance = 3.0): Round
    {
        return new Round(
            self::strings($stiffness, $present), $order ?? range(count($present), 1), $compliance, $tolerance,
            static fn (int $position, float $tensionN): float => self::cents($tensionN),
        );
    }

    /**
     * @param  array<int, float>  $stiffness
     * @param  array<int, ?float>  $present
     * @return list<HungString>
     */
    private static function strings(array $stiffness, array $present): array
    {
        return array_map(static fn (int $position): HungString => new HungString($position, $stiffness[$position], $present[$position], self::WANTED_N), array_keys($present));
    }

    private static function cents(float $tensionN): float
    {
        return 600 / M_LN2 * log($tensionN / self::WANTED_N);
    }
}
