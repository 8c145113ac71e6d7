<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\StoredSets;
use App\Models\OwnTuning;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Lira\Document\Json;
use Lira\Document\SetDocument;

/**
 * Saltmarsh Strings, a made-up two-bench workshop on an estuary. Instruments carry names of boats and birds; nothing in
 * here describes a real product. Sets are written the short way (`11 15 19 30w 40w 52w`) and become set documents.
 */
final class SaltmarshSeeder extends Seeder
{
    public function run(): void
    {
        // A clock that was set, as tests do, goes on being that one.
        $clock = Carbon::getTestNow();
        $sets = self::sets();
        $begun = Carbon::now()->subDays(count($sets));
        foreach ($sets as $index => $set) {
            // Each set was last changed a day after the one before, so that the half-done one is the latest.
            Carbon::setTestNow($begun->copy()->addDays($index + 1)->subMinutes(20));
            app(StoredSets::class)->add(SetDocument::parse(Json::text($set)));
        }
        Carbon::setTestNow($clock);
        SaltmarshSupply::seed();
        SaltmarshHistory::seed();
        SaltmarshJobs::seed();
        Carbon::setTestNow($clock);
        OwnTuning::query()->create(
            ['name' => 'Estuary, C with an open top', 'strings' => 6, 'pitches' => ['C4', 'G3', 'E3', 'C3', 'G2', 'C2']],
        );
    }

    /** @return list<SetDocumentFields> the last changed last */
    private static function sets(): array
    {
        $curlewInD = self::set('Curlew, D standard', SaltmarshInstruments::curlew(), [
            'D standard' => 'D4 A3 F3 C3 G2 D2',
        ], '10.5 14 18 28w 38w 50w',
            notes: 'Feels right. Medium pick, close to the bridge.');
        $ketchInE = self::set('Ketch, E standard', SaltmarshInstruments::ketch(), ['Bass E standard' => 'G2 D2 A1 E1'], '45w 65w 85w 105w');
        $dunlinInE = self::set(
            'Dunlin, E standard',
            SaltmarshInstruments::dunlin(),
            ['E standard' => 'E4 B3 G3 D3 A2 E2'],
            '12 16 24b 32b 42b 54b',
        );
        $sandpiper = self::set(
            'Sandpiper, open G',
            SaltmarshInstruments::sandpiper(),
            ['Banjo open G' => 'D4 B3 G3 D3 G4', 'Banjo double C' => 'D4 C4 G3 C3 G4'],
            '10 11 13 20w 9.5',
        );
        $teal = self::set(
            'Teal, re-entrant C',
            SaltmarshInstruments::teal(),
            ['Ukulele C, re-entrant' => 'A4 E4 C4 G4'],
            '22f 26f 32f 23f',
        );

        return [
            self::set('Curlew, E standard', SaltmarshInstruments::curlew(), ['E standard' => 'E4 B3 G3 D3 A2 E2'], '10 13 17 26w 36w 46w'),
            $ketchInE,
            self::set('Ketch, a fourth down', SaltmarshInstruments::ketch(), [
                'Bass B E A D' => 'D2 A1 E1 B0',
            ], '65w 85w 105w 135w', self::baseline($ketchInE),
                notes: 'Nut slot 4 was cut for a 105; see the repairer before this goes on.'),
            $dunlinInE,
            self::set('Dunlin, DADGAD', SaltmarshInstruments::dunlin(), [
                'DADGAD' => 'D4 A3 G3 D3 A2 D2',
            ], '13 17 24b 32b 42b 56b', [...self::baseline($dunlinInE), 'trials' => [
                ['semitones' => -1, 'felt' => ['', '', 'too-loose', 'right', 'right', 'right']],
                ['semitones' => 0, 'felt' => ['right', 'right', 'right', 'right', 'too-tight', 'too-tight']],
            ]], notes: 'The two lowest felt stiff in E; a semitone down they were right.'),
            self::set('Dunlin, lower four an octave up', SaltmarshInstruments::dunlin(), [
                'Lower four an octave up' => 'E4 B3 G4 D4 A3 E3',
            ], '12 16 9.5 12.5 18 26b', self::baseline($dunlinInE),
                notes: 'For doubling the rhythm part. Far lighter on the top than the usual set.'),
            $sandpiper,
            self::set(
                'Sandpiper, open D',
                SaltmarshInstruments::sandpiper(),
                ['Banjo open D' => 'D4 A3 F#3 D3 F#4'],
                '10 12 14 20w 9.5',
                self::baseline($sandpiper),
            ),
            $teal,
            self::set(
                'Teal, low G',
                SaltmarshInstruments::teal(),
                ['Ukulele C, low G' => 'A4 E4 C4 G3'],
                '22f 26f 32f 28s',
                self::baseline($teal),
            ),
            self::set(
                'Turnstone, octave courses',
                SaltmarshInstruments::turnstone(),
                ['G D A E, octaves' => 'E4 E4 A3 A3 D3 D4 G2 G3'],
                '12 12 16 16 26w 12 42w 22w',
            ),
            self::set('Avocet, nylon', SaltmarshInstruments::avocet(), ['E standard' => 'E4 B3 G3 D3 A2 E2'], '28n 32n 40n 29s 35s 43s'),
            self::set('Smack, drop A', SaltmarshInstruments::smack(), [
                'Drop A, seven strings' => 'E4 B3 G3 D3 A2 E2 A1',
                'B standard, seven strings' => 'E4 B3 G3 D3 A2 E2 B1',
            ], '9.5 12.5 16 24w 34w 46w 68w',
                target: [
                    'profile' => 'progressive',
                    'tension_n' => ['first' => 68, 'last' => 76],
                    'tunings' => 'worst',
                    'style' => ['attack' => 'hard', 'pick' => 'stiff', 'place' => 'stage'],
                ]),
            self::set(
                'Wherry, in fifths',
                SaltmarshInstruments::wherry(),
                ['Bass in fifths' => 'A2 D2 G1 C1'],
                '40w 65w 95w 135w',
                self::baseline($ketchInE),
            ),
            self::eider(),
            $curlewInD,
            self::set('Harbour, down to C', SaltmarshInstruments::harbour(), [
                'C standard' => 'C4 G3 Eb3 Bb2 F2 C2',
                'Drop B flat' => 'C4 G3 Eb3 Bb2 F2 Bb1',
            ], '11 15 19 28w 38w 50w', self::baseline($curlewInD),
                notes: "To feel as Curlew does in D. Begun with Curlew's own gauges, strings 1 to 3 chosen first."),
        ];
    }

    /**
     * @param  InstrumentFields  $instrument
     * @param  non-empty-array<string, string>  $tunings  pitches from string 1, by name
     * @param  string  $strings  gauges in thousandths from string 1; a letter for what is not plain steel
     * @param  ?BaselineFields  $baseline
     * @param  ?TargetFields  $target
     * @return SetDocumentFields
     */
    private static function set(
        string $name,
        array $instrument,
        array $tunings,
        string $strings,
        ?array $baseline = null,
        ?string $notes = null,
        ?array $target = null,
    ): array {
        return [
            'format' => 'lira-set',
            'version' => 1,
            'name' => $name,
            'instrument' => $instrument,
            'tunings' => array_map(
                static fn (string $tuning, string $pitches): array => [
                    'name' => $tuning,
                    'a4_hz' => 440,
                    'pitches' => explode(' ', $pitches),
                ],
                array_keys($tunings),
                $tunings,
            ),
            'strings' => self::strings($strings),
            ...($baseline === null ? [] : ['baseline' => $baseline]),
            ...($target === null ? [] : ['target' => $target]),
            ...($notes === null ? [] : ['notes' => $notes]),
        ];
    }

    /**
     * @param  SetDocumentFields  $set
     * @return BaselineFields
     */
    private static function baseline(array $set): array
    {
        return array_intersect_key($set, ['name' => true, 'instrument' => true, 'tunings' => true, 'strings' => true]);
    }

    /** @return non-empty-list<StringOfSetFields> */
    private static function strings(string $short): array
    {
        $made = [
            '' => ['plain', 'music-wire'], 'w' => ['round-wound', 'nickel-plated-steel'], 'b' => ['round-wound', 'phosphor-bronze'],
            'n' => ['plain', 'nylon'], 'f' => ['plain', 'fluorocarbon'], 's' => ['round-wound', 'silver-plated-copper'],
        ];
        $strings = [];
        foreach (explode(' ', $short) as $index => $written) {
            [$construction, $material] = $made[preg_replace('/[\d.]/', '', $written) ?? ''];
            $strings[] = [
                'position' => $index + 1, 'construction' => $construction, 'material' => $material,
                'gauge_in' => round((float) $written / 1000, 6),
            ];
        }

        return $strings;
    }

    /**
     * Elastomer strings cannot be modelled: their densities were weighed at pitch.
     *
     * @return SetDocumentFields
     */
    private static function eider(): array
    {
        $set = self::set('Eider, elastomer', SaltmarshInstruments::eider(),
            ['Bass E standard' => 'G2 D2 A1 E1'], '80 100 130 165');
        $measured = [0.0030, 0.0049, 0.0083, 0.0139];

        return ['strings' => array_map(
            static fn (array $string, float $kgPerM): array => [
                'material' => 'polyurethane', 'density' => [
                    'kg_per_m' => $kgPerM,
                    'source' => 'measured',
                    'state' => 'strung',
                    'tolerance' => 0.02,
                ],
            ] + $string,
            self::strings('80 100 130 165'),
            $measured,
        )] + $set;
    }
}
