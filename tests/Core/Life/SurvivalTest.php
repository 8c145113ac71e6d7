<?php

declare(strict_types=1);

namespace Tests\Core\Life;

use Lira\Life\BreakPlace;
use Lira\Life\Life;
use Lira\Life\Survival;
use Lira\Life\Together;
use PHPUnit\Framework\TestCase;

/** Which share of strings lasted so long. */
final class SurvivalTest extends TestCase
{
    /** Worked by hand: after each end the share falls by one part of those that were known to have lasted so long. */
    public function test_those_still_on_count_as_long_as_they_lasted(): void
    {
        $survival = Survival::of(
            [6.0, 6.0, 6.0, 7.0, 10.0, 13.0, 16.0, 22.0, 23.0],
            [6.0, 9.0, 10.0, 11.0, 17.0, 19.0, 20.0, 25.0, 32.0, 32.0, 34.0, 35.0],
        );

        self::assertSame([6.0, 7.0, 10.0, 13.0, 16.0, 22.0, 23.0], array_column($survival->steps, 'hours'));
        self::assertSame([21, 17, 15, 12, 11, 7, 6], array_column($survival->steps, 'of'));
        $share = 1.0;
        foreach ([18 / 21, 16 / 17, 14 / 15, 11 / 12, 10 / 11, 6 / 7, 5 / 6] as $index => $part) {
            $share *= $part;
            self::assertEqualsWithDelta($share, $survival->steps[$index]['share'], 1e-12);
        }
        self::assertSame([9, 12], [$survival->ended, $survival->running]);
    }

    public function test_with_all_of_them_ended_it_is_the_share_that_lasted_longer(): void
    {
        $ended = [30.0, 12.5, 41.0, 12.5, 22.0];
        $steps = Survival::of($ended, [])->steps;

        self::assertEqualsWithDelta([0.6, 0.4, 0.2, 0.0], array_column($steps, 'share'), 1e-12);
        self::assertSame([], Survival::of([], [10.0, 20.0])->steps);
    }

    public function test_the_band_holds_the_reckoned_share_and_narrows_with_more_strings(): void
    {
        $few = Life::of(40.0, array_fill(0, 3, Together::of([40.0], [])));
        $many = Life::of(40.0, array_fill(0, 60, Together::of([40.0], [])));
        foreach ([5.0, 20.0, 40.0, 70.0] as $hours) {
            $band = $few->survival($hours);
            self::assertLessThan($band->estimate, $band->low);
            self::assertGreaterThan($band->estimate, $band->high);
            self::assertEqualsWithDelta(1 - $few->gone($hours), $band->estimate, 1e-12);
            self::assertLessThan($band->width(), $many->survival($hours)->width());
        }
        // The ends of the band and of the median's range are the same thing.
        self::assertEqualsWithDelta(0.5, $few->survival($few->medianH()->low)->low, 1e-5);
        self::assertEqualsWithDelta(0.5, $few->survival($few->medianH()->high)->high, 1e-5);
    }

    public function test_all_of_them_last_as_long_as_nothing(): void
    {
        $none = Life::of(40.0, [])->survival(0.0);
        self::assertSame([1.0, 1.0, 1.0], [$none->low, $none->estimate, $none->high]);
    }

    public function test_every_place_where_strings_break_makes_one_suspect_something(): void
    {
        foreach (BreakPlace::cases() as $place) {
            self::assertStringEndsWith('.', $place->suspicion());
            self::assertNotSame('', $place->label());
        }
        self::assertStringContainsString('qualified repairer', BreakPlace::Nut->suspicion());
    }
}
