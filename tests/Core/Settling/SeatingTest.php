<?php

declare(strict_types=1);

namespace Tests\Core\Settling;

use Lira\Settling\Seating;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** How many rounds of pulling are left: the even chance, and what suffices in nine cases of ten. */
final class SeatingTest extends CoreTestCase
{
    private const STRINGS = 1000;

    /** Strings whose ratio is drawn as it is before anything was read, each round a little more or less than it. */
    #[DataProvider('read')]
    public function test_the_rounds_that_suffice_in_nine_cases_of_ten_do_so(int $read): void
    {
        $random = new Randomizer(new Mt19937(12 + $read));
        [$suffice, $asked, $evenly] = [0, 0, 0];
        for ($string = 0; $string < self::STRINGS; $string++) {
            $ratio = exp(log(0.4) + 0.35 * self::normal($random));
            $drifts = [-20.0 - 70.0 * self::uniform($random)];
            while (count($drifts) < $read) {
                $drifts[] = $drifts[count($drifts) - 1] * $ratio * exp(0.4 * self::normal($random));
            }
            $seating = Seating::of($drifts);
            $most = $seating->roundsMost(3.0);
            if ($most === null || $most === 0) {
                continue;
            }
            $asked++;
            $last = $drifts[count($drifts) - 1];
            $needs = 0;
            for (; abs($last) > 3.0 && $needs < 40; $needs++) {
                $last *= $ratio * exp(0.4 * self::normal($random));
            }
            $suffice += $needs <= $most ? 1 : 0;
            $evenly += $needs <= (int) $seating->roundsLeft(3.0) ? 1 : 0;
        }
        self::assertGreaterThan(0.5 * self::STRINGS, $asked);
        self::assertGreaterThanOrEqual(0.85 * $asked, $suffice);
        self::assertLessThanOrEqual(0.95 * $asked, $suffice);
        self::assertLessThan($suffice, $evenly);
    }

    /** Twenty rounds are said, one more is not: then something slips. */
    public function test_no_more_than_twenty_rounds_are_foretold(): void
    {
        $seating = Seating::of([-60.0, -55.0]);
        $most = array_map(static fn (int $tenths): int => $seating->roundsMost($tenths / 10) ?? 0, range(1, 540));
        self::assertSame(20, max($most));
        self::assertNull($seating->roundsMost(0.1));
    }

    /** @return iterable<string, array{int}> */
    public static function read(): iterable
    {
        yield 'one drift' => [1];
        yield 'two' => [2];
        yield 'three' => [3];
    }

    public function test_one_that_does_not_settle_is_told_apart_from_one_that_has(): void
    {
        // Rounds that leave as much as the last: something slips.
        self::assertNull(Seating::of([-40.0, -41.0, -39.0, -40.0, -42.0])->roundsMost(3.0));
        self::assertSame(0, Seating::of([-40.0, -2.0])->roundsMost(3.0));
        self::assertNull(Seating::of([])->roundsMost(3.0));
        self::assertGreaterThan(Seating::of([-40.0])->roundsLeft(3.0), Seating::of([-40.0])->roundsMost(3.0));
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log(1 - self::uniform($random))) * cos(2 * M_PI * self::uniform($random));
    }

    private static function uniform(Randomizer $random): float
    {
        return $random->getInt(0, 999_999_999) / 1e9;
    }
}
