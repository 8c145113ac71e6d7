<?php

declare(strict_types=1);

namespace Tests\Core\Pitch;

use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\TuningLibrary;
use Lira\Pitch\TypedTuning;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class TypedTuningTest extends CoreTestCase
{
    private const STANDARD = 'E4 B3 G3 D3 A2 E2';

    #[DataProvider('typed')]
    public function test_notes_are_read_as_people_write_them(string $typed, string $present, string $expected): void
    {
        self::assertSame($expected, self::names(TypedTuning::read($typed, self::pitches($present))));
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
        self::assertRefused('5 pitches for 6 strings', static fn () => TypedTuning::read('DADGA', self::pitches(self::STANDARD)));
        self::assertRefused('is not a pitch', static fn () => TypedTuning::read('DADGXE', self::pitches(self::STANDARD)));
        self::assertRefused('0 pitches for 6 strings', static fn () => TypedTuning::read('  ', self::pitches(self::STANDARD)));
    }

    public function test_the_library_offers_what_fits_the_instrument_first(): void
    {
        foreach (TuningLibrary::for(Kind::ElectricGuitar, 6) as $tuning) {
            self::assertCount(6, $tuning->pitches);
        }
        self::assertSame('E standard', TuningLibrary::for(Kind::ElectricGuitar, 6)[0]->name);
        self::assertSame('Bass E standard', TuningLibrary::for(Kind::Bass, 4)[0]->name);
        self::assertSame('Ukulele C, re-entrant', TuningLibrary::for(Kind::Ukulele, 4)[0]->name);
        self::assertSame('Banjo open G', TuningLibrary::for(Kind::Banjo, 5)[0]->name);
        self::assertSame([], TuningLibrary::for(Kind::ElectricGuitar, 14));
    }

    public function test_the_library_has_every_family_and_no_name_twice(): void
    {
        $all = TuningLibrary::all();
        $keys = array_map(static fn (LibraryTuning $tuning): string => $tuning->name.count($tuning->pitches), $all);
        $families = array_unique(array_map(static fn (LibraryTuning $tuning): string => $tuning->family, $all));

        self::assertSame($keys, array_unique($keys));
        foreach (['Standard', 'Drop', 'Open', 'Fourths and fifths', 'Baritone', 'Octave-strung', 'Bass', 'Banjo', 'Ukulele'] as $family) {
            self::assertContains($family, $families);
        }
    }

    public function test_the_library_holds_what_is_in_common_use(): void
    {
        $fixture = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/tunings.json'), true, flags: JSON_THROW_ON_ERROR);

        self::assertSame(is_array($fixture) ? $fixture['tunings'] ?? null : null, array_map(static fn (LibraryTuning $tuning): array => [
            $tuning->name,
            $tuning->family,
            implode(' ', array_map(static fn (Pitch $pitch): int => $pitch->noteNumber(), $tuning->pitches)),
            count($tuning->kinds),
        ], TuningLibrary::all()));
        // By what it is called each can be found again, and what has no name has none.
        foreach (TuningLibrary::all() as $tuning) {
            self::assertSame($tuning->name, TuningLibrary::nameOf($tuning->kinds[0], $tuning->pitches));
        }
        self::assertSame('', TuningLibrary::nameOf(Kind::ElectricGuitar, self::pitches('E4 B3 G3 D3 A2 F2')));
        self::assertSame('Bass E standard', TuningLibrary::for(Kind::Bass, 4)[0]->name);
        self::assertSame('Banjo open G', TuningLibrary::for(Kind::Banjo, 5)[0]->name);
    }

    public function test_the_octave_strung_tuning_has_its_lower_four_an_octave_up(): void
    {
        $tunings = array_column(
            array_map(static fn (LibraryTuning $tuning): array => [$tuning->name, $tuning->pitches], TuningLibrary::all()),
            1,
            0,
        );
        $difference = array_map(
            static fn (Pitch $high, Pitch $usual): int => $high->noteNumber() - $usual->noteNumber(),
            $tunings['Lower four an octave up'],
            $tunings['E standard'],
        );

        self::assertSame([0, 0, 12, 12, 12, 12], $difference);
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
