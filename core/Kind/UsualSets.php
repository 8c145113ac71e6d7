<?php

declare(strict_types=1);

namespace Lira\Kind;

/** The gauges that most people put on an instrument in its usual tuning. To add one: a row here. */
final class UsualSets
{
    /** Gauges in thousandths of an inch, string 1 first, by tuning; those of wound strings are marked, and such as are in millimetres. */
    private const STEEL = [
        'E4 B3 G3 D3 A2 E2' => '10 13 17 26w 36w 46w',
        'E4 B3 G3 D3 A2 E2 B1' => '10 13 17 26w 36w 46w 59w',
        'B3 F#3 D3 A2 E2 B1' => '13 17 24 36w 46w 62w',
        'E4 B3 G3 D3 A2 E2 B1 F#1' => '10 13 17 26w 36w 46w 59w 74w',
        'E4 E4 B3 B3 G4 G3 D4 D3 A3 A2 E3 E2' => '10 10 13 13 8 17 12 26w 16 36w 24w 46w',
    ];

    private const BRONZE = [
        'E4 B3 G3 D3 A2 E2' => '12 16 24w 32w 42w 53w',
        'E4 B3 G3 D3 A2 E2 B1' => '12 16 24w 32w 42w 53w 68w',
        'E4 B3 G3 D3 A2 E2 B1 F#1' => '12 16 24w 32w 42w 53w 68w 76w',
        'E4 E4 B3 B3 G4 G3 D4 D3 A3 A2 E3 E2' => '10 10 14 14 8 23w 12 30w 17 39w 27w 47w',
    ];

    private const NYLON = ['E4 B3 G3 D3 A2 E2' => '28 32 40 29w 35w 43w'];

    private const BASS = [
        'G2 D2 A1 E1' => '45w 65w 85w 105w',
        'G2 D2 A1 E1 B0' => '45w 65w 85w 105w 130w',
        'C3 G2 D2 A1 E1 B0' => '30w 45w 65w 85w 105w 130w',
    ];

    private const ACOUSTIC_BASS = ['G2 D2 A1 E1' => '45w 65w 80w 100w'];

    private const ELASTOMER = ['G2 D2 A1 E1' => '2.1mm 2.8mm 3.75mm 5.0mm'];

    private const RESONATOR = [
        'D4 B3 G3 D3 G2 D2' => '16 18 27w 36w 46w 56w',
        'E4 B3 G3 D3 A2 E2' => '13 17 26w 35w 45w 56w',
    ];

    private const TENOR_GUITAR = [
        'A4 D4 G3 C3' => '10 14 22w 32w',
        'E4 A3 D3 G2' => '12 18 28w 42w',
        'E4 B3 G3 D3' => '12 16 24w 32w',
    ];

    private const LAP_STEEL = [
        'E4 C4 A3 G3 E3 C3' => '15 18 22 24w 30w 36w',
        'G4 E4 C4 A3 G3 E3 C3 A2' => '12 15 18 22 24w 30w 36w 42w',
        'E4 B3 G3 D3 A2 E2' => '13 17 26w 36w 46w 56w',
    ];

    private const MANDOLIN = ['E5 E5 A4 A4 D4 D4 G3 G3' => '11 11 15 15 26w 26w 40w 40w'];

    private const OCTAVE_MANDOLIN = ['E4 E4 A3 A3 D3 D3 G2 G2' => '12 12 20 20 32w 32w 46w 46w'];

    private const BANJO = [
        'D4 B3 G3 D3 G4' => '10 11 13 20w 10',
        'D4 B3 G3 C3' => '10 12 15 24w',
        'A4 D4 G3 C3' => '9 13 21w 30w',
        'E4 A3 D3 G2' => '12 18w 28w 42w',
    ];

    private const UKULELE = [
        'A4 E4 C4 G4' => '20 25 31 22',
        'A4 E4 C4 G3' => '20 25 31 28w',
        'E4 B3 G3 D3' => '24 29 34 29w',
        'A4 E4 C4 G3 D3 A2' => '20 25 31 26w 31w 38w',
    ];

    /**
     * @param  list<string>  $pitches  string 1 first
     * @return list<string> thousandths of an inch, string 1 first, those of wound strings marked with w; or millimetres, marked with mm; empty
     *                      where there is no such row
     */
    public static function of(Kind $kind, array $pitches): array
    {
        $rows = match ($kind) {
            Kind::ElectricGuitar, Kind::Other => self::STEEL,
            Kind::AcousticGuitar => self::BRONZE,
            Kind::ClassicalGuitar => self::NYLON,
            Kind::Bass => self::BASS,
            Kind::AcousticBass => self::ACOUSTIC_BASS,
            Kind::Banjo => self::BANJO,
            Kind::Ukulele => self::UKULELE,
            Kind::ElastomerBass => self::ELASTOMER,
            Kind::ResonatorGuitar => self::RESONATOR,
            Kind::TenorGuitar => self::TENOR_GUITAR,
            Kind::LapSteel => self::LAP_STEEL,
            Kind::Mandolin => self::MANDOLIN,
            Kind::OctaveMandolin => self::OCTAVE_MANDOLIN,
        };
        // The highest strings of a longer row are strung as that is.
        $row = '';
        foreach ($rows as $tuning => $gauges) {
            if ($row === '' && ($tuning === implode(' ', $pitches) || (count($pitches) > 1 && str_starts_with($tuning, implode(' ', $pitches).' ')))) {
                $row = implode(' ', array_slice(explode(' ', $gauges), 0, count($pitches)));
            }
        }

        return $row === '' ? [] : explode(' ', $row);
    }
}
