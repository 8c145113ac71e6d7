<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Lira\Document\SetDocument;
use Lira\Document\StartedSet;
use Lira\Kind\Kind;
use Lira\Pitch\Pitch;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Lira\Typed\TuningWords;
use Lira\Typed\TypedInstrument;
use Lira\Typed\TypedPresent;
use Lira\Typed\TypedWish;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What is on an instrument and what is wanted, each in a line, and the set that comes of it. */
final class StartedSetTest extends CoreTestCase
{
    #[DataProvider('present')]
    public function test_what_is_on_it_is_read_in_one_line(string $typed, string $gauges, string $pitches): void
    {
        $present = TypedPresent::read($typed, SetReaders::for(Kind::ElectricGuitar, 6), self::tunings());

        self::assertSame($gauges, implode(' ', array_map(static fn (StringSpec $spec): string => (string) round($spec->type->gauge->inThousandths(), 2), $present->strings)));
        self::assertSame($pitches, implode(' ', array_map(static fn (Pitch $pitch): string => $pitch->name(), $present->tuning->pitches)));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function present(): iterable
    {
        [$usual, $standard] = ['10 13 17 26 36 46', 'E4 B3 G3 D3 A2 E2'];
        yield 'a set in a tuning' => ['10-46 in E standard', $usual, $standard];
        yield 'a set tuned to one' => ['11 14 18 28 38 49 tuned to D standard', '11 14 18 28 38 49', 'D4 A3 F3 C3 G2 D2'];
        yield 'a set at one' => ['9 11 16 24 32 42 at drop D', '9 11 16 24 32 42', 'E4 B3 G3 D3 A2 D2'];
        yield 'with a comma' => ['10 13 17 26 36 46, drop D', $usual, 'E4 B3 G3 D3 A2 D2'];
        yield 'one behind the other' => ['10-46 open D', $usual, 'D4 A3 F#3 D3 A2 D2'];
        yield 'a set alone' => ['11 14 18 28 38 49', '11 14 18 28 38 49', $standard];
        yield 'a tuning alone' => ['DADGAD', $usual, 'D4 A3 G3 D3 A2 D2'];
        yield 'a word for both' => ['usual set', $usual, $standard];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_told_by_its_part(string $typed, string $words): void
    {
        self::assertRefused($words, static fn () => TypedPresent::read($typed, SetReaders::for(Kind::ElectricGuitar, 6), self::tunings()));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'a tuning that is none' => ['10-46 in Z flat', 'Z flat'];
        yield 'two strings of six' => ['10 13', '6 strings'];
        yield 'three strings of six, which do not stand in pairs' => ['10 13 17', '6 strings'];
    }

    public function test_a_set_is_begun_from_what_is_on_it_with_its_reasons(): void
    {
        $started = self::started('10-46 in E standard', 'down to C standard');

        self::assertSame(['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2'], array_map(static fn (Pitch $pitch): string => $pitch->name(), $started->design->tunings[0]->pitches));
        self::assertNotNull($started->baseline);
        $before = array_map(static fn (BuiltString $string): float => $string->build->outerDiameterM, $started->baseline->strings);
        foreach ($started->design->strings as $index => $string) {
            self::assertGreaterThan($before[$index], $string->build->outerDiameterM);
        }
        $evaluation = $started->evaluation();
        foreach ($evaluation->strings as $string) {
            self::assertLessThan(0.06, abs((float) $string->tunings[0]->change?->share()));
        }
        self::assertSame([
            'As it was first made:',
            '4 semitones lower, a string left as it is pulls 63 % of what it did: string 6 only 50 N.',
            'Every string is the gauge that comes nearest to the feel of “10-46 in E standard”.',
            'Together they pull 453 N instead of 461 N.',
        ], self::notes($started));
    }

    public function test_gauges_that_were_said_are_taken_as_they_are(): void
    {
        $started = self::started('10-46', '12 16 20 34 46 60 in C standard');

        self::assertSame([12.0, 16.0, 20.0, 34.0, 46.0, 60.0], array_map(static fn (BuiltString $string): float => round($string->spec->type->gauge->inThousandths(), 3), $started->design->strings));
        self::assertSame([
            'As it was first made:',
            '4 semitones lower, a string left as it is pulls 63 % of what it did: string 6 only 50 N.',
            'Together they pull 455 N instead of 461 N.',
        ], self::notes($started));
    }

    public function test_it_is_compared_with_another_set_where_one_is_known(): void
    {
        $known = self::started('9-42', 'E standard')->json->baseline ?? null;
        self::assertInstanceOf(\stdClass::class, $known);
        $known->name = 'Known';
        $started = self::started('10-46', 'D standard', $known);

        self::assertSame('Known', self::dig((array) $started->json, 'baseline.name'));
        self::assertContains('Every string is the gauge that comes nearest to the feel of “Known”.', self::notes($started));
    }

    /** @return list<string> its lines */
    private static function notes(SetDocument $started): array
    {
        return explode("\n", is_string($started->json->notes ?? null) ? $started->json->notes : '');
    }

    private static function started(string $present, string $wish, ?\stdClass $baseline = null): SetDocument
    {
        $instrument = TypedInstrument::read('electric guitar')->toJson('Heron');
        $on = TypedPresent::read($present, SetReaders::for(Kind::ElectricGuitar, 6), self::tunings());
        $sets = SetReaders::for(Kind::ElectricGuitar, 6);

        return StartedSet::of($instrument, $on, TypedWish::read($wish, self::tunings(), Kind::ElectricGuitar, sets: $sets), $baseline ?? $present, [], Units::si());
    }

    private static function tunings(): TuningWords
    {
        return new TuningWords(Kind::ElectricGuitar, array_map(Pitch::named(...), ['E4', 'B3', 'G3', 'D3', 'A2', 'E2']));
    }
}
