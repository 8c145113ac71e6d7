<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use Lira\Drawing\Hull;
use Lira\Drawing\NeckPlan;
use Lira\Drawing\Point;
use Lira\Instrument\Courses;
use Lira\Instrument\Hardware;
use Lira\Instrument\Instrument;
use Lira\Instrument\Neck;
use Lira\Instrument\Saddle;
use Lira\Instrument\Spread;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Tests\Core\CoreTestCase;

/** Where nut, frets and saddles stand, in numbers worked by hand. */
final class NeckPlanTest extends CoreTestCase
{
    public function test_strings_spread_evenly_from_the_first_to_the_last(): void
    {
        self::assertEqualsWithDelta([17.5e-3, 10.5e-3, 3.5e-3, -3.5e-3, -10.5e-3, -17.5e-3], Spread::acrossM(35e-3, 6, new Courses), 1e-12);
        self::assertSame([0.0], Spread::acrossM(0.0, 1, new Courses));
    }

    public function test_the_strings_of_a_course_stand_close_and_the_outer_ones_where_they_were_measured(): void
    {
        $across = Spread::acrossM(26e-3, 8, new Courses([2, 2, 2, 2]));

        self::assertEqualsWithDelta([13e-3, -13e-3], [$across[0], $across[7]], 1e-12);
        foreach ([0, 2, 4, 6] as $first) {
            self::assertEqualsWithDelta(2.2e-3, $across[$first] - $across[$first + 1], 1e-12);
        }
        // 26 less four pairs of 2.2 leaves 17.2 for three gaps.
        self::assertEqualsWithDelta(17.2e-3 / 3, $across[1] - $across[2], 1e-12);
    }

    public function test_strings_beyond_the_courses_stand_alone(): void
    {
        self::assertSame([0, 0, 1, 2, 3], (new Courses([2]))->of(5));
        self::assertSame([0, 0, 1], (new Courses([2, 2]))->of(3));
    }

    public function test_frets_of_one_scale_stand_square_at_their_distances(): void
    {
        $plan = NeckPlan::of(self::instrument(Scale::single(Length::millimetres(648)), frets: 24), 6);

        self::assertCount(24, $plan->frets);
        foreach ([1 => 36.3694, 5 => 162.5485, 12 => 324.0, 24 => 486.0] as $fret => $mm) {
            foreach ($plan->frets[$fret - 1] as $point) {
                self::assertEqualsWithDelta($mm / 1000, $point->x, 1e-6, "fret {$fret}");
            }
        }
        // At the 12th a string is half way between its places at nut and saddle: (17.5 + 26.25)/2.
        self::assertEqualsWithDelta(21.875e-3, $plan->frets[11][1]->y, 1e-9);
        self::assertEqualsWithDelta(21.875e-3 + 3.2e-3, $plan->frets[11][0]->y, 1e-9);
    }

    public function test_fanned_frets_are_square_at_the_straight_one(): void
    {
        $plan = NeckPlan::of(self::instrument(Scale::multiscale(Length::millimetres(648), Length::millimetres(690)), straight: 8), 7);
        $share = 1 - 2 ** (-8 / 12);

        foreach ($plan->frets[7] as $point) {
            self::assertEqualsWithDelta(0.648 * $share, $point->x, 1e-9);
        }
        self::assertEqualsWithDelta(-0.042 * $share, $plan->nuts[6]->x, 1e-9);
        self::assertEqualsWithDelta(0.690, $plan->saddles[6]->x - $plan->nuts[6]->x, 1e-12);
        self::assertEqualsWithDelta(0.669, $plan->saddles[3]->x - $plan->nuts[3]->x, 1e-12);
        self::assertEqualsWithDelta(0.0, $plan->nuts[0]->x, 1e-12);
    }

    public function test_a_short_string_starts_at_its_fret(): void
    {
        $plan = NeckPlan::of(self::instrument(Scale::single(Length::millimetres(670))->withShortString(5, 5), kind: Kind::Banjo), 5);

        self::assertEqualsWithDelta(670e-3 * (1 - 2 ** (-5 / 12)), $plan->starts[4]->x, 1e-9);
        self::assertEquals($plan->nuts[3], $plan->starts[3]);
        self::assertEqualsWithDelta($plan->frets[4][5]->y, $plan->starts[4]->y, 1e-12);
    }

    public function test_a_fretless_neck_has_no_frets_and_a_board(): void
    {
        $plan = NeckPlan::of(self::instrument(Scale::single(Length::millimetres(530)), kind: Kind::Bass, frets: 0), 4);

        self::assertSame([], $plan->frets);
        self::assertFalse($plan->fretsAssumed);
        self::assertCount(4, $plan->board());
        self::assertGreaterThan(0.3, $plan->board()[1]->x);
    }

    public function test_what_was_not_measured_is_said(): void
    {
        $plan = NeckPlan::of(new Instrument('Plover', Kind::Ukulele, Scale::single(Length::millimetres(432))), 4);

        self::assertTrue($plan->spreadAssumed);
        self::assertTrue($plan->fretsAssumed);
        self::assertEqualsWithDelta(27e-3, $plan->nuts[0]->y - $plan->nuts[3]->y, 1e-12);
        self::assertEqualsWithDelta(39e-3, $plan->saddles[0]->y - $plan->saddles[3]->y, 1e-12);
    }

    public function test_an_outline_goes_around_all_points_and_bends_one_way(): void
    {
        $square = [new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1)];
        $hull = Hull::around([...$square, new Point(0.5, 0.5), new Point(0.5, 0.0), new Point(0.2, 0.9)]);

        self::assertEquals($square, $hull);
    }

    private static function instrument(Scale $scale, Kind $kind = Kind::ElectricGuitar, ?int $frets = null, int $straight = 12): Instrument
    {
        return new Instrument(
            'Plover',
            $kind,
            $scale,
            new Hardware(saddle: new Saddle(spreadM: 52.5e-3), nutSpreadM: 35e-3),
            neck: new Neck(frets: $frets, straightFret: $straight),
        );
    }
}
