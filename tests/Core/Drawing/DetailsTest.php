<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use Lira\Drawing\Point;
use Lira\Drawing\PostPlan;
use Lira\Drawing\SideView;
use Lira\Drawing\SlotSeat;
use Lira\Instrument\Hardware;
use Lira\Instrument\Posts;
use Lira\Instrument\Saddle;
use Lira\Instrument\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Strings in their slots, against their posts and from the side. */
final class DetailsTest extends CoreTestCase
{
    public function test_a_string_as_wide_as_its_slot_lies_on_the_floor_and_a_wider_one_on_the_edges(): void
    {
        self::assertSame(0.0, SlotSeat::of(1.00e-3, 0.80e-3)->bottomM);
        self::assertEqualsWithDelta(0.20e-3, SlotSeat::of(1.00e-3, 0.80e-3)->playM, 1e-12);
        self::assertSame(0.0, SlotSeat::of(1.00e-3, 1.00e-3)->bottomM);
        // A string of 1.0 in a slot of 0.6: its middle stands 0.4 above the edges (3-4-5), which are 0.3 above the floor.
        $high = SlotSeat::of(0.60e-3, 1.00e-3);
        self::assertEqualsWithDelta(0.2e-3, $high->bottomM, 1e-12);
        self::assertEqualsWithDelta(-0.4e-3, $high->playM, 1e-12);
    }

    public function test_how_high_a_string_sits_rises_steadily_with_its_width(): void
    {
        $before = -1.0;
        for ($mm = 0.6; $mm < 2.0; $mm += 0.05) {
            $bottom = SlotSeat::of(0.60e-3, $mm / 1000)->bottomM;
            self::assertGreaterThan($before, $bottom);
            self::assertLessThan(0.3e-3, $bottom);
            $before = $bottom;
        }
    }

    /** The string is a tangent: it meets the post square to the radius, at the distance that was measured. */
    #[DataProvider('rows')]
    public function test_a_string_touches_its_post(float $y, ?float $row): void
    {
        $nut = new Point(0.0, $y);
        $post = PostPlan::at($nut, 0.095, 6e-3, 1e-3, $row, null);

        self::assertEqualsWithDelta(0.095, $nut->to($post->tangent), 1e-9);
        self::assertEqualsWithDelta(3.5e-3, $post->centre->to($post->tangent), 1e-9);
        $along = ($post->tangent->x - $nut->x) * ($post->tangent->x - $post->centre->x) + ($post->tangent->y - $nut->y) * ($post->tangent->y - $post->centre->y);
        self::assertEqualsWithDelta(0.0, $along, 1e-12);
        self::assertLessThan(0.0, $post->centre->x);
        if ($row !== null) {
            self::assertEqualsWithDelta($row, $post->centre->y, 1e-12);
            self::assertLessThan(abs($row), abs($post->tangent->y), 'it lies against the inside');
        }
    }

    /** @return iterable<string, array{float, ?float}> */
    public static function rows(): iterable
    {
        yield 'straight behind its slot' => [7e-3, null];
        yield 'on the side of string 1' => [10e-3, 23e-3];
        yield 'on the other side' => [-17e-3, -21e-3];
        yield 'across the neck' => [-3e-3, 23e-3];
    }

    public function test_a_tree_stands_on_the_string_s_way(): void
    {
        $post = PostPlan::at(new Point(0.0, 17e-3), 0.172, 6e-3, 0.3e-3, null, 0.045);
        self::assertNotNull($post->tree);
        self::assertEqualsWithDelta(-0.045, $post->tree->x, 1e-12);
        self::assertEqualsWithDelta(17e-3, $post->tree->y, 1e-12);
        self::assertNull(PostPlan::at(new Point(0.0, 0.0), 0.04, 6e-3, 0.3e-3, null, 0.045)->tree);
    }

    public function test_from_the_side_the_angle_behind_the_nut_is_the_tilt_and_what_it_goes_down(): void
    {
        $hardware = new Hardware(
            posts: new Posts(diameterM: 6e-3, holeHeightM: 9e-3, distancesM: [0.1]),
            tiltRad: deg2rad(14),
            nutHeightM: 8e-3,
            saddle: new Saddle(dropM: 10e-3, anchorDistanceM: 10e-3),
        );
        $side = SideView::of($hardware, 1, 2.0, 1e-3, 0.65);

        // Two turns of 1 mm: it leaves the post at 7, 1 below the slot, over 100.
        self::assertEqualsWithDelta(14 + rad2deg(atan(0.01)), (float) $side->nutAngleDeg, 1e-9);
        self::assertNotNull($side->post);
        self::assertEqualsWithDelta(hypot(0.1, 1e-3), hypot($side->post->x, $side->post->y), 1e-12);
        self::assertEqualsWithDelta(45.0, (float) $side->saddleAngleDeg, 1e-9);
        self::assertEquals(new Point(0.66, -0.01), $side->anchor);
        self::assertNotNull($side->faceNear);
        self::assertEqualsWithDelta(8e-3, hypot($side->faceNear->x, $side->faceNear->y), 1e-12);
    }

    public function test_a_tree_sets_the_angle_and_what_was_not_measured_is_left_out(): void
    {
        $hardware = new Hardware(
            posts: new Posts(holeHeightM: 8e-3, distancesM: [0.172]),
            nutHeightM: 10.5e-3,
            trees: [1 => new Tree(4.5e-3, 0.045)],
        );
        self::assertEqualsWithDelta(rad2deg(atan(6 / 45)), (float) SideView::of($hardware, 1, 2.0, 0.3e-3, 0.65)->nutAngleDeg, 1e-9);

        $bare = SideView::of(new Hardware, 1, 2.0, 0.3e-3, 0.65);
        self::assertNull($bare->post);
        self::assertNull($bare->nutAngleDeg);
        self::assertNull($bare->saddleAngleDeg);
        self::assertNull($bare->anchor);
    }
}
