<?php

declare(strict_types=1);

namespace Tests\Core\Target;

use Lira\Target\Band;
use Lira\Target\PlayingStyle;
use Lira\Target\StyleAspect;
use Lira\Target\Tensions;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class TargetTest extends CoreTestCase
{
    private const HERTZ = [329.6, 246.9, 196.0, 146.8, 110.0, 82.4];

    public function test_hard_picking_asks_for_more_on_the_low_side_and_bending_for_less_on_the_high(): void
    {
        $hard = PlayingStyle::unspecified()->with(StyleAspect::Attack, 'hard');
        self::assertClose(1.10, $hard->factor(1.0), 1e-12);
        self::assertClose(1.02, $hard->factor(0.0), 1e-12);
        self::assertClose(1.06, $hard->factor(0.5), 1e-12);
        $bending = PlayingStyle::unspecified()->with(StyleAspect::Bending, 'much');
        self::assertClose(1.0, $bending->factor(1.0), 1e-12);
        self::assertClose(0.91, $bending->factor(0.0), 1e-12);
    }

    public function test_strings_without_a_factor_stay_as_they_are(): void
    {
        self::assertSame([140.0, 71.0], Tensions::perString([70.0, 71.0], 2)->times([2.0])->perStringN);
    }

    public function test_contributions_are_shown_and_add_up(): void
    {
        $style = PlayingStyle::unspecified()->with(StyleAspect::Attack, 'hard')->with(StyleAspect::Place, 'stage')
            ->with(StyleAspect::Bending, 'some')->with(StyleAspect::Pick, 'medium');
        $contributions = $style->contributions(0.25);

        self::assertSame(
            ['attack', 'place', 'bending'],
            array_map(static fn (array $one): string => $one['aspect']->value, $contributions),
        );
        self::assertClose(0.10 * 0.25 + 0.02 * 0.75, $contributions[0]['share'], 1e-12);
        self::assertClose(1 + array_sum(array_column($contributions, 'share')), $style->factor(0.25), 1e-12);
        self::assertSame(1.0, PlayingStyle::unspecified()->factor(0.3));
        self::assertSame(
            1.0,
            PlayingStyle::unspecified()->with(StyleAspect::Angle, 'angled')->with(StyleAspect::Angle, 'flat')->factor(0.3),
        );
    }

    public function test_the_first_answer_of_every_aspect_changes_nothing(): void
    {
        foreach (StyleAspect::cases() as $aspect) {
            $answers = $aspect->answers();
            self::assertSame([0.0, 0.0], array_values($answers)[0], $aspect->value);
            self::assertGreaterThan(1, count($answers));
            self::assertNotSame('', $aspect->reason());
            self::assertRefused('says nothing about', static fn () => PlayingStyle::unspecified()->with($aspect, 'sideways'));
        }
    }

    public function test_sides_are_told_by_pitch_so_octave_strings_count_where_they_sound(): void
    {
        self::assertEqualsWithDelta([0.0, 0.2, 0.4, 0.6, 0.8, 1.0], PlayingStyle::bassShares(self::HERTZ), 1e-12);
        self::assertEqualsWithDelta([1 / 3, 2 / 3, 1.0, 0.0], PlayingStyle::bassShares([440.0, 329.6, 261.6, 494.0]), 1e-12);
        self::assertEqualsWithDelta([0.25, 0.25, 1.0], PlayingStyle::bassShares([440.0, 440.0, 220.0]), 1e-12);
        self::assertSame([0.0], PlayingStyle::bassShares([440.0]));
    }

    public function test_a_band_lies_around_the_styled_target(): void
    {
        [$styled, $bands] = Band::around(
            Tensions::equal(70, 6),
            PlayingStyle::unspecified()->with(StyleAspect::Attack, 'hard'),
            self::HERTZ,
            0.05,
        );

        self::assertClose(77.0, $bands[5]->targetN, 1e-12);
        self::assertSame($styled->perStringN[5], $bands[5]->targetN);
        self::assertClose(77.0 * 0.95, $bands[5]->lowN, 1e-12);
        self::assertClose(77.0 * 1.05, $bands[5]->highN, 1e-12);
        self::assertSame(70.0, $bands[5]->beforeStyleN);
        self::assertCount(1, $bands[5]->contributions);
    }

    public function test_a_total_keeps_its_sum_whatever_the_style_does_to_its_shape(): void
    {
        $total = Tensions::total(420, [60, 60, 65, 70, 75, 70], 6)->times([1, 1, 1, 1.1, 1.1, 1.1]);

        self::assertClose(420.0, array_sum($total->perStringN), 1e-12);
        self::assertClose(1.1 * 70 / 60, $total->perStringN[5] / $total->perStringN[0], 1e-12);
        self::assertEqualsWithDelta([70.0, 70.0], Tensions::total(140, [80.0], 2)->perStringN, 1e-12);
    }

    /** @param  \Closure(): mixed  $make */
    #[DataProvider('bad')]
    public function test_targets_that_are_none_are_refused(string $words, \Closure $make): void
    {
        self::assertRefused($words, $make);
    }

    /** @return iterable<array{string, \Closure(): mixed}> */
    public static function bad(): iterable
    {
        yield ['more than 0 and at most 2000', static fn () => Tensions::equal(0, 6)];
        yield ['more than 0 and at most 2000', static fn () => Tensions::equal(2000.1, 6)];
        yield ['more than 0 and at most 2000', static fn () => Tensions::equal(NAN, 6)];
        yield ['more than 0 and at most 2000', static fn () => Tensions::progressive(70, -1, 6)];
        yield ['5 target tensions for 6 strings', static fn () => Tensions::perString([1, 2, 3, 4, 5], 6)];
        yield ['nothing of string 3', static fn () => Tensions::baseline([70, 70], 1.0, 3)];
        yield ['more than 0 and at most 2000', static fn () => Tensions::total(-5, [], 6)];
    }
}
