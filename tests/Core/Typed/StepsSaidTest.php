<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Lira\Kind\Kind;
use Lira\Pitch\Pitch;
use Lira\Typed\TuningWords;
use Lira\Typed\TypedInstrument;
use Lira\Typed\TypedWish;
use Lira\Typed\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** How far down or up, as people count it; a reference pitch; an instrument that is misspelt. */
final class StepsSaidTest extends CoreTestCase
{
    private const E_STANDARD = ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'];

    /** @return iterable<string, array{string, int}> what is said, and what it comes to in semitones */
    public static function steps(): iterable
    {
        $steps = [
            'down a semitone' => -1, 'up one semitone' => 1, 'down two semitones' => -2, 'down three semi' => -3, 'down four semis' => -4,
            'down one fret' => -1, 'down five frets' => -5, 'down six frets' => -6, 'down seven frets' => -7, 'down eight frets' => -8,
            'down nine frets' => -9, 'down ten frets' => -10, 'down eleven frets' => -11, 'down twelve frets' => -12,
            'down a half step' => -1, 'down two half steps' => -2, 'down a halfstep' => -1, 'down three halfsteps' => -3,
            'down one half tone' => -1, 'down two half tones' => -2, 'down half a step' => -1, 'down half a tone' => -1,
            'down a step' => -2, 'down two steps' => -4, 'down a tone' => -2, 'down two tones' => -4, 'down a whole step' => -2,
            'down two whole steps' => -4, 'down a whole tone' => -2, 'down two whole tones' => -4, 'down a full step' => -2,
            'down one and a half steps' => -3, 'down 1 and a half tones' => -3, 'down two and a half steps' => -5, 'down 2 and a half tones' => -5,
            'down a minor third' => -3, 'down a major third' => -4, 'down a third' => -4, 'down a fourth' => -5, 'down a perfect fourth' => -5,
            'down a tritone' => -6, 'down a fifth' => -7, 'up a perfect fifth' => 7, 'down an octave' => -12, 'down two octaves' => -24,
        ];
        foreach ($steps as $said => $semitones) {
            yield $said => [$said, $semitones];
        }
    }

    #[DataProvider('steps')]
    public function test_it_is_counted_in_semitones(string $said, int $semitones): void
    {
        $words = new TuningWords(Kind::ElectricGuitar, array_map(Pitch::named(...), self::E_STANDARD));

        self::assertSame(
            array_map(static fn (string $pitch): int => Pitch::named($pitch)->noteNumber() + $semitones, self::E_STANDARD),
            $words->one($said)->noteNumbers(),
        );
    }

    public function test_a_reference_pitch_is_one_where_it_is_said_to_be(): void
    {
        foreach (['E standard, a=415' => 415.0, 'E standard, a 415' => 415.0, 'E standard, at 415 Hz' => 415.0, 'E standard, 432' => 432.0] as $said => $hz) {
            $wish = TypedWish::read($said, new TuningWords(Kind::ElectricGuitar, array_map(Pitch::named(...), self::E_STANDARD)), Kind::ElectricGuitar, sets: SetReaders::for(Kind::ElectricGuitar, 6));
            self::assertSame($hz, $wish->a4Hz, $said);
        }
    }

    public function test_twelve_strings_of_a_guitar_are_six_pairs_and_of_a_bass_are_not(): void
    {
        $courses = static fn (string $typed): mixed => TypedInstrument::read($typed)->toJson('x')->courses ?? null;
        self::assertSame([2, 2, 2, 2, 2, 2], $courses('12-string electric guitar'));
        self::assertNull($courses('12-string bass'));
        self::assertNull($courses('6-string bass'));
    }

    public function test_two_lengths_far_apart_are_no_fan(): void
    {
        $wish = static fn (string $typed): TypedWish => TypedWish::read($typed, new TuningWords(Kind::ElectricGuitar, array_map(Pitch::named(...), self::E_STANDARD)), Kind::ElectricGuitar, sets: SetReaders::for(Kind::ElectricGuitar, 6));
        self::assertNotNull($wish('25.5 to 27 in')->scale);
        self::assertNull($wish('25 to 60 in')->scale);
        self::assertNull($wish('22-38')->scale);
        self::assertNotNull($wish('25.5-27')->scale);
    }

    public function test_an_instrument_that_is_none_offers_nothing_that_is_far(): void
    {
        try {
            TypedInstrument::read('xqzw');
            self::fail('It was read.');
        } catch (Unreadable $refused) {
            self::assertSame([], $refused->offers);
        }
    }

    public function test_a_misspelt_instrument_is_offered_the_nearest(): void
    {
        try {
            TypedInstrument::read('mandolni');
            self::fail('It was read.');
        } catch (Unreadable $refused) {
            self::assertContains('mandolin', $refused->offers);
        }
    }
}
