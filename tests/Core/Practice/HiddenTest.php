<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use Lira\Practice\Hidden;
use Tests\Core\CoreTestCase;

/** What a simulated instrument keeps to itself: a seed is an instrument, and stays that one. */
final class HiddenTest extends CoreTestCase
{
    public function test_a_seed_is_the_same_instrument_for_ever(): void
    {
        $hidden = Hidden::ofSeed(1, 2);
        self::assertClose(0.5696343297813816, $hidden->complianceFactor, 1e-12);
        $drawn = [
            ['ratio' => 0.55514995, 'firstDriftCents' => 73.69217, 'creepFactor' => 0.757189337120284, 'setbackShare' => 0.491263, 'startCents' => -163.0711],
            ['ratio' => 0.42751755, 'firstDriftCents' => 78.94357, 'creepFactor' => 0.7696412342343655, 'setbackShare' => 0.993419, 'startCents' => -72.7444],
        ];
        foreach ($drawn as $string => $figures) {
            foreach ($figures as $name => $figure) {
                self::assertClose($figure, $hidden->strings[$string][$name], 1e-9, "string {$string}, {$name}");
            }
        }
        // A string more changes none of the others.
        self::assertSame($hidden->strings[0], Hidden::ofSeed(1, 6)->strings[0]);
        self::assertNotSame($hidden->complianceFactor, Hidden::ofSeed(2, 2)->complianceFactor);
    }

    public function test_everything_lies_in_the_range_that_real_strings_show_and_fills_it(): void
    {
        $ranges = ['ratio' => [0.25, 0.6], 'firstDriftCents' => [20.0, 90.0], 'creepFactor' => [0.5, 2.0], 'setbackShare' => [0.0, 1.0], 'startCents' => [-250.0, 50.0]];
        $seen = array_fill_keys(array_keys($ranges), []);
        $factors = [];
        for ($seed = 1; $seed <= 300; $seed++) {
            $hidden = Hidden::ofSeed($seed, 1);
            $factors[] = $hidden->complianceFactor;
            foreach (array_keys($ranges) as $name) {
                $seen[$name][] = $hidden->strings[0][$name];
            }
        }
        foreach ($ranges + ['compliance' => [0.5, 2.0]] as $name => [$low, $high]) {
            $all = $seen[$name] ?? $factors;
            sort($all);
            [$least, $most] = [$all[0] ?? NAN, $all[count($all) - 1] ?? NAN];
            self::assertGreaterThanOrEqual($low, $least, $name);
            self::assertLessThanOrEqual($high, $most, $name);
            self::assertLessThan($low + 0.03 * ($high - $low), $least, $name);
            self::assertGreaterThan($high - 0.03 * ($high - $low), $most, $name);
        }
    }

    public function test_a_reading_is_off_by_half_a_cent_as_often_as_half_a_cent_says(): void
    {
        self::assertClose(-1.0214674265614556, Hidden::spreadCents(1, 0), 1e-9);
        self::assertClose(0.8492306964067341, Hidden::spreadCents(7, 3), 1e-9);
        $errors = array_map(static fn (int $reading): float => Hidden::spreadCents(5, $reading), range(0, 3999));
        self::assertEqualsWithDelta(0.0, array_sum($errors) / 4000, 0.03);
        self::assertEqualsWithDelta(0.5, sqrt(array_sum(array_map(static fn (float $error): float => $error ** 2, $errors)) / 4000), 0.02);
        self::assertEqualsWithDelta(0.683, count(array_filter($errors, static fn (float $error): bool => abs($error) < 0.5)) / 4000, 0.03);
    }
}
