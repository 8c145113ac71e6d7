<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Lira\Pitch\Pitch;
use Lira\Typed\TypedNotes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class TypedNotesTest extends CoreTestCase
{
    private const STANDARD = 'E4 B3 G3 D3 A2 E2';

    #[DataProvider('typed')]
    public function test_notes_are_read_as_people_write_them(string $typed, string $present, string $expected): void
    {
        self::assertSame($expected, self::names(TypedNotes::read($typed, self::pitches($present))));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function typed(): iterable
    {
        yield 'together' => ['DADGAD', self::STANDARD, 'D4 A3 G3 D3 A2 D2'];
        yield 'apart, with flats' => ['Eb Ab Db Gb Bb Eb', self::STANDARD, 'Eb4 Bb3 Gb3 Db3 Ab2 Eb2'];
        yield 'flats as signs' => ['E♭A♭D♭G♭B♭E♭', self::STANDARD, 'Eb4 Bb3 Gb3 Db3 Ab2 Eb2'];
        yield 'sharps' => ['C#F#BEG#C#', self::STANDARD, 'C#4 G#3 E3 B2 F#2 C#2'];
        yield 'small letters, b is a note' => ['dadgbe', self::STANDARD, 'E4 B3 G3 D3 A2 D2'];
        yield 'octaves, from the last string' => ['C2 G2 C3 G3 C4 E4', self::STANDARD, 'E4 C4 G3 C3 G2 C2'];
        yield 'octaves, from the first string' => ['E4 C4 G3 C3 G2 C2', self::STANDARD, 'E4 C4 G3 C3 G2 C2'];
        yield 're-entrant' => ['GCEA', 'A4 E4 C4 G4', 'A4 E4 C4 G4'];
        yield 're-entrant to low' => ['G3 C4 E4 A4', 'A4 E4 C4 G4', 'A4 E4 C4 G3'];
        yield 'bass' => ['B,E,A,D', 'G2 D2 A1 E1', 'D2 A1 E1 B0'];
        yield 'a tritone goes down' => ['A#', 'E4', 'A#3'];
    }

    public function test_what_cannot_be_read_says_what_to_do(): void
    {
        self::assertRefused('5 pitches for 6 strings', static fn () => TypedNotes::read('DADGA', self::pitches(self::STANDARD)));
        self::assertRefused('is not a pitch', static fn () => TypedNotes::read('DADGXE', self::pitches(self::STANDARD)));
        self::assertRefused('0 pitches for 6 strings', static fn () => TypedNotes::read('  ', self::pitches(self::STANDARD)));
    }

    /** @return non-empty-list<Pitch> */
    private static function pitches(string $names): array
    {
        return array_map(Pitch::named(...), explode(' ', $names));
    }

    /** @param  list<Pitch>  $pitches */
    private static function names(array $pitches): string
    {
        return implode(' ', array_map(static fn (Pitch $pitch): string => $pitch->name(), $pitches));
    }
}
