<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Finding\FindingType;
use Lira\Finding\Place;
use Lira\Finding\Rulebook;
use Lira\Kind\PostLayout;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** A whole set on its instrument, as it is drawn and marked. */
final class InstrumentDrawingTest extends CoreTestCase
{
    public function test_saddles_stand_behind_the_scale_by_their_setback_and_say_what_it_takes_of_their_travel(): void
    {
        $fit = self::fit(['saddle' => ['travel_mm' => 8, 'screw_pitch_mm' => 0.5]]);

        for ($index = 0; $index < 6; $index++) {
            $setback = self::figure($fit, "strings.{$index}.stand.estimate_mm");
            self::assertEqualsWithDelta(686 + $setback, self::figure($fit, "strings.{$index}.saddle_mm.0"), 2e-3);
            self::assertEqualsWithDelta($setback / 8, self::figure($fit, "strings.{$index}.stand.share"), 1e-3);
            self::assertEqualsWithDelta($setback / 0.5, self::figure($fit, "strings.{$index}.stand.screw_turns"), 1e-2);
        }
    }

    public function test_turns_lie_under_the_hole_one_below_the_other(): void
    {
        $fit = self::fit(['posts' => ['diameter_mm' => 6, 'hole_height_mm' => 8, 'room_below_hole_mm' => 1.0]]);

        // A plain string of 0.2794 takes two turns; for the usual one and a half of the sixth, 1.3208 wound, 1 mm is too little.
        self::assertEqualsWithDelta([8 - 0.1397, 8 - 0.4191], self::dig($fit, 'strings.0.winds.turns_mm'), 2e-3);
        self::assertEqualsWithDelta(8 - 0.5588, self::figure($fit, 'strings.0.winds.exit_mm'), 2e-3);
        self::assertSame(0.0, self::dig($fit, 'strings.0.winds.over_mm'));
        // No more is wound than there is room for.
        self::assertEqualsWithDelta(1.0 / 1.3208, self::figure($fit, 'strings.5.post.turns'), 1e-3);
        self::assertSame(0.0, self::dig($fit, 'strings.5.winds.over_mm'));
        self::assertEqualsWithDelta(11.0, self::figure($fit, 'strings.0.winds.height_mm'), 1e-9);
    }

    public function test_what_is_wrong_is_marked_where_it_is_wrong(): void
    {
        $fit = self::fit(
            ['nut' => ['slots_mm' => [0.4, 0.5, 0.6, 0.9, 1.2, 0.8]], 'posts' => ['hole_diameter_mm' => 1.3, 'distance_mm' => 60]],
        );
        $codes = array_column((array) self::dig($fit, 'findings'), 'code');
        $narrow = array_search('nut-slot-narrow', $codes, true);
        $hole = array_search('post-hole', $codes, true);
        self::assertIsInt($narrow);
        self::assertIsInt($hole);

        self::assertSame('nut', self::dig($fit, "marks.{$narrow}.place"));
        self::assertSame(6, self::dig($fit, "marks.{$narrow}.position"));
        self::assertSame(self::dig($fit, 'strings.5.start_mm'), self::dig($fit, "marks.{$narrow}.at_mm"));
        self::assertSame(self::dig($fit, 'strings.5.post.centre_mm'), self::dig($fit, "marks.{$hole}.at_mm"));
        self::assertGreaterThan(0.0, self::figure($fit, 'strings.5.seat.bottom_mm'));
        self::assertSame(0.0, self::dig($fit, 'strings.0.seat.bottom_mm'));
    }

    public function test_marks_and_trees_stand_where_they_belong(): void
    {
        $fit = self::fit([
            'posts' => ['distance_mm' => 60, 'hole_height_mm' => 8, 'diameter_mm' => 6],
            'headstock' => ['nut_height_mm' => 8.5],
            'saddle' => ['drop_mm' => 1, 'anchor_distance_mm' => 40],
        ]);
        $codes = array_column((array) self::dig($fit, 'findings'), 'code');
        $behind = array_search('saddle-angle', $codes, true);
        $nut = array_search('nut-angle', $codes, true);
        self::assertIsInt($behind);
        self::assertIsInt($nut);
        // All strings share it: 20 mm behind the middle of their saddles, half way across.
        $saddles = array_map(static fn (int $index): float => self::figure($fit, "strings.{$index}.saddle_mm.0"), range(0, 5));
        self::assertEqualsWithDelta(array_sum($saddles) / 6 + 20, self::figure($fit, "marks.{$behind}.at_mm.0"), 1e-2);
        self::assertEqualsWithDelta(0.0, self::figure($fit, "marks.{$behind}.at_mm.1"), 1e-2);
        self::assertEqualsWithDelta(
            (self::figure($fit, 'strings.0.start_mm.0') + self::figure($fit, 'strings.0.post.tangent_mm.0')) / 2,
            self::figure($fit, "marks.{$nut}.at_mm.0"),
            1e-2,
        );
        self::assertNull(self::dig($fit, 'strings.0.post.tree_mm'));

        $json = Documents::with('/instrument/hardware', (object) [
            'posts' => (object) ['distance_mm' => 100, 'hole_height_mm' => 8, 'layout' => 'one-side'],
            'headstock' => (object) ['nut_height_mm' => 10],
            'trees' => [(object) ['position' => 2, 'height_mm' => 4, 'distance_mm' => 40]],
        ]);
        $treed = Answers::fit(SetDocument::from($json));
        self::assertEqualsWithDelta(-40.0, self::figure($treed, 'strings.1.post.tree_mm.0'), 0.5);
        self::assertNull(self::dig($treed, 'strings.0.post.tree_mm'));
        self::assertEqualsWithDelta(-40.0, self::figure($treed, 'strings.1.side.tree_mm.0'), 1e-6);
        self::assertEqualsWithDelta(-6.0, self::figure($treed, 'strings.1.side.tree_mm.1'), 1e-6);
        self::assertNull(self::dig($treed, 'strings.0.side.tree_mm'));
    }

    public function test_a_roller_winds_sideways_and_leaves_its_string_at_one_height(): void
    {
        $posts = ['distance_mm' => 60, 'hole_height_mm' => 8, 'diameter_mm' => 10, 'type' => 'roller'];
        $fit = self::fit(['posts' => $posts, 'headstock' => ['nut_height_mm' => 14]]);

        self::assertNull(self::dig($fit, 'strings.0.winds'));
        self::assertSame(2.0, self::dig($fit, 'strings.5.post.turns'));
        // 6 mm down over 60, whatever the string.
        foreach ([0, 5] as $index) {
            self::assertEqualsWithDelta(rad2deg(atan(0.1)), self::figure($fit, "strings.{$index}.side.nut_angle_deg"), 1e-9);
        }
    }

    #[DataProvider('layouts')]
    public function test_posts_stand_where_they_usually_do_until_they_are_measured(string $layout, string $kind): void
    {
        $json = Documents::with('/instrument/kind', $kind);
        $fit = Answers::fit(SetDocument::from(
            Documents::with('/instrument/hardware', (object) ['posts' => (object) ['layout' => $layout, 'spacing_mm' => 30]], $json),
        ));
        $x = array_map(static fn (int $index): float => self::figure($fit, "strings.{$index}.post.tangent_mm.0"), range(0, 5));

        if ($layout === PostLayout::OneSide->value) {
            self::assertEqualsWithDelta([-195, -165, -135, -105, -75, -45], $x, 1e-6);
        } else {
            self::assertEqualsWithDelta($x[0], $x[5], 1.0);
            self::assertGreaterThan($x[1], $x[0]);
            self::assertGreaterThan($x[2], $x[1]);
        }
        self::assertContains('places of the posts', (array) self::dig($fit, 'assumed'));
        $corners = count((array) self::dig($fit, 'headstock.outline_mm'));
        $outline = array_map(
            static fn (int $corner): float => self::figure($fit, "headstock.outline_mm.{$corner}.0"),
            range(0, $corners - 1),
        );
        self::assertLessThan(min($x), min($outline));
        self::assertLessThanOrEqual(1e-9, max($outline));
    }

    /** @return iterable<string, array{string, string}> */
    public static function layouts(): iterable
    {
        yield 'all on one side' => ['one-side', 'electric-guitar'];
        yield 'three and three' => ['both-sides', 'acoustic-guitar'];
    }

    public function test_every_code_has_its_place(): void
    {
        $places = array_column(array_map(static fn (FindingType $kind): array => [$kind->code, $kind->place], Rulebook::types()), 1, 0);

        self::assertSame(
            [Place::Anchor, Place::Saddle, Place::BehindNut, Place::Neck, Place::String],
            [$places['wrong-end'], $places['saddle-travel'], $places['nut-angle'], $places['total-change'], $places['dull']],
        );
    }

    /**
     * @param  array<string, array<string, mixed>>  $hardware
     * @return array<string, mixed>
     */
    private static function fit(array $hardware): array
    {
        return Answers::fit(SetDocument::from(
            Documents::with('/instrument/hardware', (object) array_map(static fn (array $part): object => (object) $part, $hardware)),
        ));
    }
}
