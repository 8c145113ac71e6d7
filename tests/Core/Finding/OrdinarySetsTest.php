<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Finding\Finding;
use Lira\Finding\Severity;
use Lira\Pitch\Pitch;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What millions play is not warned of: usual sets, in usual tunings, on measured usual instruments. */
final class OrdinarySetsTest extends CoreTestCase
{
    /** Pitches string 1 first, a tuning by its name. */
    private const TUNINGS = [
        'E' => 'E4 B3 G3 D3 A2 E2', '12' => 'E4 E4 B3 B3 G4 G3 D4 D3 A3 A2 E3 E2', 'bass' => 'G2 D2 A1 E1', 'bass 5' => 'G2 D2 A1 E1 B0',
        'banjo' => 'D4 B3 G3 D3 G4', 'ukulele' => 'A4 E4 C4 G4',
    ];

    /** Instruments as people measure them. */
    private const INSTRUMENTS = [
        'six in line' => '{"anchor": "string-through", "posts": {"type": "slotted", "diameter_mm": 6, "hole_height_mm": 6, "distance_mm": [170, 145, 120, 95, 70, 45], "spacing_mm": 25}, "headstock": {"nut_height_mm": 14}, "trees": [{"position": 1, "distance_mm": 60, "height_mm": 7}, {"position": 2, "distance_mm": 60, "height_mm": 7}], "saddle": {"drop_mm": 8, "anchor_distance_mm": 20, "beyond_mm": 30, "travel_mm": 8}}',
        'three a side' => '{"anchor": "stop-tailpiece", "posts": {"diameter_mm": 6, "hole_height_mm": 8.5, "hole_diameter_mm": 2.2, "distance_mm": [45, 70, 95, 95, 70, 45], "spacing_mm": 25}, "headstock": {"tilt_deg": 14, "nut_height_mm": 12}, "saddle": {"drop_mm": 10, "anchor_distance_mm": 30, "beyond_mm": 45, "travel_mm": 8}}',
        'acoustic' => '{"anchor": "bridge-pins", "posts": {"diameter_mm": 6, "hole_height_mm": 8.5, "distance_mm": [50, 80, 110, 110, 80, 50], "spacing_mm": 30}, "headstock": {"tilt_deg": 14, "nut_height_mm": 14}, "saddle": {"drop_mm": 9, "anchor_distance_mm": 18, "beyond_mm": 20}}',
        'twelve' => '{"posts": {"diameter_mm": 6, "hole_height_mm": 8.5, "distance_mm": [50, 50, 70, 70, 90, 90, 90, 90, 70, 70, 50, 50], "spacing_mm": 25}, "headstock": {"tilt_deg": 14, "nut_height_mm": 14}, "saddle": {"drop_mm": 9, "anchor_distance_mm": 18, "beyond_mm": 20}}',
        'classical' => '{"anchor": "tie-block", "posts": {"type": "roller", "diameter_mm": 10, "distance_mm": [40, 75, 110, 110, 75, 40], "spacing_mm": 35}, "headstock": {"tilt_deg": 15, "nut_height_mm": 10}, "saddle": {"drop_mm": 8, "anchor_distance_mm": 14, "beyond_mm": 25}}',
        'bass' => '{"anchor": "top-loading", "posts": {"type": "slotted", "diameter_mm": 12.7, "hole_height_mm": 9, "distance_mm": [160, 125, 90, 55], "spacing_mm": 35}, "headstock": {"nut_height_mm": 16}, "trees": [{"position": 1, "distance_mm": 60, "height_mm": 9}, {"position": 2, "distance_mm": 60, "height_mm": 9}], "saddle": {"drop_mm": 12, "anchor_distance_mm": 25, "beyond_mm": 30, "travel_mm": 12}}',
        'bass 5' => '{"anchor": "top-loading", "posts": {"type": "slotted", "diameter_mm": 12.7, "hole_height_mm": 9, "distance_mm": [160, 135, 110, 85, 55], "spacing_mm": 35}, "headstock": {"nut_height_mm": 16}, "trees": [{"position": 1, "distance_mm": 60, "height_mm": 9}, {"position": 2, "distance_mm": 60, "height_mm": 9}], "saddle": {"drop_mm": 12, "anchor_distance_mm": 25, "beyond_mm": 30, "travel_mm": 12}}',
        'banjo' => '{"anchor": "loop-end", "posts": {"diameter_mm": 6, "hole_height_mm": 8, "distance_mm": [40, 70, 70, 40, 40], "spacing_mm": 28}, "headstock": {"tilt_deg": 14, "nut_height_mm": 12}, "saddle": {"drop_mm": 20, "anchor_distance_mm": 75, "beyond_mm": 85}}',
        'ukulele' => '{"anchor": "tie-block", "posts": {"diameter_mm": 6, "hole_height_mm": 8, "distance_mm": [35, 60, 60, 35], "spacing_mm": 25}, "headstock": {"tilt_deg": 12, "nut_height_mm": 11}, "saddle": {"drop_mm": 6, "anchor_distance_mm": 12, "beyond_mm": 15}}',
    ];

    /**
     * @param  string  $gauges  thousandths of an inch, string 1 first; those of wound strings are marked
     * @param  list<string>  $notes  what it says all the same, never a caution
     */
    #[DataProvider('sets')]
    public function test_a_usual_set_is_quiet(string $kind, float $mm, string $on, string $tuning, int $lower, string $gauges, array $notes = []): void
    {
        $plain = ['classical-guitar' => 'nylon', 'ukulele' => 'fluorocarbon'][$kind] ?? 'music-wire';
        $wound = ['classical-guitar' => 'silver-plated-copper', 'acoustic-guitar' => 'phosphor-bronze'][$kind] ?? 'nickel-plated-steel';
        $json = Documents::usual(
            $kind,
            $mm,
            array_map(
                static fn (string $pitch): string => Pitch::numbered(Pitch::named($pitch)->noteNumber() - $lower, flats: true)->name(),
                explode(' ', self::TUNINGS[$tuning]),
            ),
            array_map(
                static fn (string $gauge): array => str_ends_with($gauge, 'w')
                    ? [(float) rtrim($gauge, 'w'), $wound]
                    : [(float) $gauge, $plain, 'plain'],
                explode(' ', $gauges),
            ),
            Json::object(self::INSTRUMENTS[$on]),
        );
        if ($kind === 'banjo') {
            $json = Documents::with('/instrument/scale', Json::object('{"type": "each", "lengths_mm": [670, 670, 670, 670, 500]}'), $json);
        }
        foreach (array_keys(explode(' ', $gauges)) as $index) {
            $json = Documents::with("/strings/{$index}/end", ['banjo' => 'loop', 'ukulele' => 'bare', 'classical-guitar' => 'bare'][$kind] ?? 'ball', $json);
        }
        $findings = SetDocument::from($json)->assessment()->findings;

        foreach (SetDocument::from($json)->evaluation()->strings as $string) {
            self::assertLessThan(0.75, (float) $string->tunings[0]->strength?->share->estimate, "String {$string->position}");
        }
        self::assertSame($notes, array_map(static fn (Finding $finding): string => $finding->message(Units::si()), $findings));
        foreach ($findings as $finding) {
            self::assertSame(Severity::Note, $finding->severity);
        }
    }

    /** @return iterable<string, array{0: string, 1: float, 2: string, 3: string, 4: int, 5: string, 6?: list<string>}> */
    public static function sets(): iterable
    {
        foreach (['E' => 0, 'E♭' => 1] as $name => $lower) {
            foreach ([[648.0, 'six in line'], [628.0, 'three a side']] as [$mm, $on]) {
                yield "9 to 42 in {$name}, {$mm} mm" => ['electric-guitar', $mm, $on, 'E', $lower, '9 11 16 24w 32w 42w'];
                yield "10 to 46 in {$name}, {$mm} mm" => ['electric-guitar', $mm, $on, 'E', $lower, '10 13 17 26w 36w 46w'];
                yield "11 to 49 in {$name}, {$mm} mm" => ['electric-guitar', $mm, $on, 'E', $lower, '11 14 18 28w 38w 49w'];
            }
        }
        yield '10 to 46 in D' => ['electric-guitar', 648, 'six in line', 'E', 2, '10 13 17 26w 36w 46w'];
        yield '11 to 49 in D' => ['electric-guitar', 628, 'three a side', 'E', 2, '11 14 18 28w 38w 49w'];
        yield '12 to 52 in D' => ['electric-guitar', 648, 'six in line', 'E', 2, '12 16 20 32w 42w 52w'];
        yield '11 to 52, acoustic' => ['acoustic-guitar', 645, 'acoustic', 'E', 0, '11 15 22w 32w 42w 52w'];
        yield '12 to 53, acoustic' => ['acoustic-guitar', 645, 'acoustic', 'E', 0, '12 16 24w 32w 42w 53w'];
        yield '12 to 53, acoustic, in E♭' => ['acoustic-guitar', 645, 'acoustic', 'E', 1, '12 16 24w 32w 42w 53w'];
        yield 'twelve strings' => ['acoustic-guitar', 645, 'twelve', '12', 0, '10 10 14 14 8 23w 12 30w 17 39w 27w 47w', [
            'G4 takes 67 % to 76 % of what string 5 can bear: it will not last as long as usual.',
        ]];
        yield 'twelve strings in D' => ['acoustic-guitar', 645, 'twelve', '12', 2, '10 10 14 14 8 23w 12 30w 17 39w 27w 47w'];
        yield 'twelve strings, electric' => ['electric-guitar', 628, 'twelve', '12', 0, '10 10 13 13 8 17w 12 26w 16 36w 24w 46w', [
            'G4 takes 64 % to 72 % of what string 5 can bear: it will not last as long as usual.',
        ]];
        yield 'classical' => ['classical-guitar', 650, 'classical', 'E', 0, '28 32 40 29w 35w 43w'];
        yield 'classical in E♭' => ['classical-guitar', 650, 'classical', 'E', 1, '28 32 40 29w 35w 43w'];
        yield '45 to 105' => ['bass', 864, 'bass', 'bass', 0, '45w 65w 85w 105w'];
        yield '45 to 105, 762 mm' => ['bass', 762, 'bass', 'bass', 0, '45w 65w 85w 105w'];
        yield '40 to 100' => ['bass', 864, 'bass', 'bass', 0, '40w 60w 80w 100w'];
        yield '45 to 130' => ['bass', 864, 'bass 5', 'bass 5', 0, '45w 65w 85w 105w 130w'];
        yield 'banjo' => ['banjo', 670, 'banjo', 'banjo', 0, '10 11 13 20w 10'];
        yield 'ukulele, soprano' => ['ukulele', 345, 'ukulele', 'ukulele', 0, '20 25 31 22'];
        yield 'ukulele, tenor' => ['ukulele', 432, 'ukulele', 'ukulele', 0, '20 25 31 22'];
    }
}
