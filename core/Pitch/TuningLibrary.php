<?php

declare(strict_types=1);

namespace Lira\Pitch;

use Lira\Kind\Kind;

/** Tunings in common use. To add one: a row here, its pitches from string 1 (the thinnest side). */
final class TuningLibrary
{
    private const GUITARS = [Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::LapSteel, Kind::ClassicalGuitar, Kind::Other];

    private const BASSES = [Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass, Kind::Other];

    /** Rows of name, family and pitches, by the instruments on which they are usual. */
    private const GUITAR_ROWS = [
        ['E standard', 'Standard', 'E4 B3 G3 D3 A2 E2'],
        ['E flat standard', 'Standard', 'Eb4 Bb3 Gb3 Db3 Ab2 Eb2'],
        ['D standard', 'Standard', 'D4 A3 F3 C3 G2 D2'],
        ['C sharp standard', 'Standard', 'C#4 G#3 E3 B2 F#2 C#2'],
        ['C standard', 'Standard', 'C4 G3 Eb3 Bb2 F2 C2'],
        ['Drop D', 'Drop', 'E4 B3 G3 D3 A2 D2'],
        ['Double drop D', 'Drop', 'D4 B3 G3 D3 A2 D2'],
        ['Drop C', 'Drop', 'D4 A3 F3 C3 G2 C2'],
        ['Drop B', 'Drop', 'C#4 G#3 E3 B2 F#2 B1'],
        ['Drop B flat', 'Drop', 'C4 G3 Eb3 Bb2 F2 Bb1'],
        ['Drop A', 'Drop', 'B3 F#3 D3 A2 E2 A1'],
        ['DADGAD', 'Open', 'D4 A3 G3 D3 A2 D2'],
        ['Open G', 'Open', 'D4 B3 G3 D3 G2 D2'],
        ['Open D', 'Open', 'D4 A3 F#3 D3 A2 D2'],
        ['Open D minor', 'Open', 'D4 A3 F3 D3 A2 D2'],
        ['Open E', 'Open', 'E4 B3 G#3 E3 B2 E2'],
        ['Open A', 'Open', 'E4 C#4 A3 E3 A2 E2'],
        ['Open C', 'Open', 'E4 C4 G3 C3 G2 C2'],
        ['All fourths', 'Fourths and fifths', 'F4 C4 G3 D3 A2 E2'],
        ['All fifths', 'Fourths and fifths', 'B4 E4 A3 D3 G2 C2'],
        ['Baritone B', 'Baritone', 'B3 F#3 D3 A2 E2 B1'],
        ['Baritone A', 'Baritone', 'A3 E3 C3 G2 D2 A1'],
        ['Lower four an octave up', 'Octave-strung', 'E4 B3 G4 D4 A3 E3'],
        ['B standard, seven strings', 'Standard', 'E4 B3 G3 D3 A2 E2 B1'],
        ['Drop A, seven strings', 'Drop', 'E4 B3 G3 D3 A2 E2 A1'],
        ['F sharp standard, eight strings', 'Standard', 'E4 B3 G3 D3 A2 E2 B1 F#1'],
        ['Drop E, eight strings', 'Drop', 'E4 B3 G3 D3 A2 E2 B1 E1'],
        ['E standard, twelve strings', 'Octave-strung', 'E4 E4 B3 B3 G4 G3 D4 D3 A3 A2 E3 E2'],
        ['D standard, twelve strings', 'Octave-strung', 'D4 D4 A3 A3 F4 F3 C4 C3 G3 G2 D3 D2'],
    ];

    private const TENOR_ROWS = [
        ['Tenor guitar, fifths', 'Fourths and fifths', 'A4 D4 G3 C3'],
        ['Tenor guitar, octave below fiddle', 'Fourths and fifths', 'E4 A3 D3 G2'],
        ['Tenor guitar, as a guitar’s four', 'Fourths and fifths', 'E4 B3 G3 D3'],
    ];

    private const LAP_STEEL_ROWS = [
        ['C6', 'Open', 'E4 C4 A3 G3 E3 C3'],
        ['C6, eight strings', 'Open', 'G4 E4 C4 A3 G3 E3 C3 A2'],
    ];

    private const MANDOLIN_ROWS = [
        ['Mandolin in fifths', 'Fourths and fifths', 'E5 E5 A4 A4 D4 D4 G3 G3'],
        ['Mandolin, G D A D', 'Fourths and fifths', 'D5 D5 A4 A4 D4 D4 G3 G3'],
    ];

    private const OCTAVE_MANDOLIN_ROWS = [
        ['Octave mandolin in fifths', 'Fourths and fifths', 'E4 E4 A3 A3 D3 D3 G2 G2'],
        ['Octave mandolin, G D A D', 'Fourths and fifths', 'D4 D4 A3 A3 D3 D3 G2 G2'],
    ];

    /** What some kinds are tuned to first, where that is not the first row they share. */
    private const HOME = ['resonator-guitar' => 'Open G', 'lap-steel' => 'C6'];

    private const BASS_ROWS = [
        ['Bass E standard', 'Bass', 'G2 D2 A1 E1'],
        ['Bass E flat standard', 'Bass', 'Gb2 Db2 Ab1 Eb1'],
        ['Bass D standard', 'Bass', 'F2 C2 G1 D1'],
        ['Bass drop D', 'Drop', 'G2 D2 A1 D1'],
        ['Bass drop C', 'Drop', 'F2 C2 G1 C1'],
        ['Bass B E A D', 'Bass', 'D2 A1 E1 B0'],
        ['Tenor bass', 'Bass', 'C3 G2 D2 A1'],
        ['Bass in fifths', 'Fourths and fifths', 'A2 D2 G1 C1'],
        ['Bass, five strings, low B', 'Bass', 'G2 D2 A1 E1 B0'],
        ['Bass, five strings, high C', 'Bass', 'C3 G2 D2 A1 E1'],
        ['Bass, six strings', 'Bass', 'C3 G2 D2 A1 E1 B0'],
    ];

    private const BANJO_ROWS = [
        ['Banjo open G', 'Banjo', 'D4 B3 G3 D3 G4'],
        ['Banjo double C', 'Banjo', 'D4 C4 G3 C3 G4'],
        ['Banjo C standard', 'Banjo', 'D4 B3 G3 C3 G4'],
        ['Banjo sawmill', 'Banjo', 'D4 C4 G3 D3 G4'],
        ['Banjo open D', 'Banjo', 'D4 A3 F#3 D3 F#4'],
        ['Tenor banjo', 'Banjo', 'A4 D4 G3 C3'],
        ['Tenor banjo, octave below fiddle', 'Banjo', 'E4 A3 D3 G2'],
        ['Plectrum banjo', 'Banjo', 'D4 B3 G3 C3'],
    ];

    private const UKULELE_ROWS = [
        ['Ukulele C, re-entrant', 'Ukulele', 'A4 E4 C4 G4'],
        ['Ukulele C, low G', 'Ukulele', 'A4 E4 C4 G3'],
        ['Ukulele D, re-entrant', 'Ukulele', 'B4 F#4 D4 A4'],
        ['Baritone ukulele', 'Ukulele', 'E4 B3 G3 D3'],
    ];

    /** @return list<LibraryTuning> */
    public static function all(): array
    {
        /** @var ?list<LibraryTuning> $all they are always the same */
        static $all = null;

        return $all ??= [
            ...self::rows(self::GUITAR_ROWS, self::GUITARS),
            ...self::rows(self::LAP_STEEL_ROWS, [Kind::LapSteel]),
            ...self::rows(self::TENOR_ROWS, [Kind::TenorGuitar, Kind::Other]),
            ...self::rows(self::MANDOLIN_ROWS, [Kind::Mandolin]),
            ...self::rows(self::OCTAVE_MANDOLIN_ROWS, [Kind::OctaveMandolin]),
            ...self::rows(self::BASS_ROWS, self::BASSES),
            ...self::rows(self::BANJO_ROWS, [Kind::Banjo, Kind::Other]),
            ...self::rows(self::UKULELE_ROWS, [Kind::Ukulele, Kind::Other]),
        ];
    }

    /**
     * Those that are usual on this kind of instrument, what most people tune it to first.
     *
     * @return list<LibraryTuning>
     */
    public static function usual(Kind $kind, int $strings): array
    {
        return array_values(array_filter(
            self::for($kind, $strings),
            static fn (LibraryTuning $tuning): bool => in_array($kind, $tuning->kinds, true),
        ));
    }

    /**
     * The tunings with this many strings, those usual on this kind of instrument first.
     *
     * @return list<LibraryTuning>
     */
    public static function for(Kind $kind, int $strings): array
    {
        $fitting = array_filter(self::all(), static fn (LibraryTuning $tuning): bool => count($tuning->pitches) === $strings);
        usort(
            $fitting,
            static fn (LibraryTuning $a, LibraryTuning $b): int => [in_array($kind, $b->kinds, true), self::isHome($b, $kind)]
                <=> [in_array($kind, $a->kinds, true), self::isHome($a, $kind)],
        );

        return $fitting;
    }

    private static function isHome(LibraryTuning $tuning, Kind $kind): bool
    {
        $home = self::HOME[$kind->value] ?? null;

        return $home !== null && explode(',', $tuning->name)[0] === $home;
    }

    /**
     * @param  list<array{string, string, string}>  $rows
     * @param  list<Kind>  $kinds
     * @return list<LibraryTuning>
     */
    private static function rows(array $rows, array $kinds): array
    {
        return array_map(
            static fn (array $row): LibraryTuning => new LibraryTuning(
                $row[0],
                $row[1],
                $kinds,
                array_map(Pitch::named(...), explode(' ', $row[2])),
            ),
            $rows,
        );
    }
}
