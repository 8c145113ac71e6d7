<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Playing\FirstPosition;
use Tests\Core\CoreTestCase;

/** Chords and a scale at the nut. */
final class FirstPositionTest extends CoreTestCase
{
    private const GUITAR = [1 => 64, 2 => 59, 3 => 55, 4 => 50, 5 => 45, 6 => 40];

    public function test_a_guitar_s_first_chords_are_those_everybody_knows(): void
    {
        $chords = FirstPosition::chords(self::GUITAR);
        self::assertSame(['E', 'A', 'B'], array_column($chords, 'name'));
        self::assertSame([6, 5, 4, 3, 2, 1], array_column($chords[0]['stops'], 'position'), 'from the lowest');
        self::assertSame([0, 2, 2, 1, 0, 0], array_column($chords[0]['stops'], 'fret'));
        self::assertSame([0, 0, 2, 2, 2, 0], array_column($chords[1]['stops'], 'fret'));
    }

    public function test_in_another_tuning_they_are_on_its_own_lowest_note(): void
    {
        $chords = FirstPosition::chords([1 => 69, 2 => 64, 3 => 60, 4 => 67]);
        self::assertSame(['C', 'F', 'G'], array_column($chords, 'name'));
        self::assertSame([3, 2, 4, 1], array_column($chords[0]['stops'], 'position'));
        self::assertSame([0, 0, 0, 3], array_column($chords[0]['stops'], 'fret'));
        self::assertSame(['E♭', 'A♭', 'B♭'], array_column(FirstPosition::chords([1 => 63, 2 => 51]), 'name'));
    }

    public function test_a_scale_goes_up_an_octave_on_the_highest_string_that_has_each_note(): void
    {
        self::assertSame(
            [[6, 0], [6, 2], [6, 4], [5, 0], [5, 2], [5, 4], [4, 1], [4, 2]],
            array_map(static fn (array $note): array => [$note['position'], $note['fret']], FirstPosition::scale(self::GUITAR)),
        );
        self::assertSame([12], array_slice(array_column(FirstPosition::scale([1 => 40]), 'fret'), -1));
    }

    public function test_without_strings_there_is_nothing_to_play(): void
    {
        self::assertSame([[], []], [FirstPosition::chords([]), FirstPosition::scale([])]);
    }
}
