<?php

declare(strict_types=1);

namespace Tests\Core\Pitch;

use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\TuningLibrary;
use Lira\Pitch\TuningNames;
use Tests\Core\CoreTestCase;

final class TuningLibraryTest extends CoreTestCase
{
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
            self::assertSame($tuning->name, TuningNames::for($tuning->kinds[0], count($tuning->pitches))->of($tuning->pitches)?->name);
        }
        self::assertNull(TuningNames::for(Kind::ElectricGuitar, 6)->of(self::pitches('E4 B3 G3 D3 A2 F2')));
        self::assertSame('Bass E standard', TuningLibrary::for(Kind::Bass, 4)[0]->name);
        self::assertSame('Banjo open G', TuningLibrary::for(Kind::Banjo, 5)[0]->name);
    }

    /** On a neck so long that its strings bear two semitones less than usual. */
    public function test_on_a_long_neck_a_dropped_tuning_is_the_one_below(): void
    {
        $lowest = static fn (?int $highest, int $note): ?string => ($pitches = TuningNames::for(Kind::ElectricGuitar, 6, $highest)->dropped($note)?->pitches) === null ? null : $pitches[5]->name();
        self::assertSame(['D2', 'C2', 'Eb2', 'E1'], [$lowest(null, 2), $lowest(null, 0), $lowest(null, 3), $lowest(null, 4)], 'no dropped tuning goes more than a semitone up');
        self::assertSame(['D1', 'C2'], [$lowest(-2, 2), $lowest(-2, 0)]);
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

    public function test_any_standard_dropped_or_open_tuning_has_its_name(): void
    {
        foreach ([[Kind::ElectricGuitar, 6], [Kind::ElectricGuitar, 12], [Kind::ElectricGuitar, 7], [Kind::Bass, 5], [Kind::AcousticGuitar, 6]] as [$kind, $strings]) {
            $names = TuningNames::for($kind, $strings);
            $byNotes = $names->byNotes();
            foreach ($names->all() as $tuning) {
                // Under a name of the library where that has one, else under its own.
                $found = $names->of($tuning->pitches);
                self::assertNotNull($found);
                self::assertSame($tuning->noteNumbers(), $found->noteNumbers());
                self::assertSame($found->name, $byNotes[implode(' ', $tuning->noteNumbers())]);
                self::assertGreaterThanOrEqual(18, min($tuning->noteNumbers()), "{$tuning->name} lies below F♯0");
            }
        }
        $eflat = TuningNames::for(Kind::ElectricGuitar, 6)->standard(3);
        self::assertSame(['Eb4', 'Bb3', 'Gb3', 'Db3', 'Ab2', 'Eb2'], array_map(static fn (Pitch $pitch): string => $pitch->name(), $eflat->pitches ?? []));
        // A re-entrant tuning is not called after its last string.
        self::assertNull(TuningNames::for(Kind::Ukulele, 4)->standard(0));
    }

    /** @return non-empty-list<Pitch> */
    private static function pitches(string $names): array
    {
        return array_map(Pitch::named(...), explode(' ', $names));
    }
}
