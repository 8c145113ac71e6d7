<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Design\SetDesign;
use Lira\Document\Answers;
use Lira\Document\InstrumentFile;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Instrument\Fingerboard;
use Lira\Instrument\Neck;
use Lira\Instrument\NeckJoint;
use Lira\Instrument\SpringSet;
use Lira\Instrument\TrussRod;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Source;
use Lira\Strings\State;
use Lira\Strings\StringSpec;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class SetDocumentTest extends CoreTestCase
{
    public function test_a_round_trip_loses_nothing(): void
    {
        foreach (['harbour-baritone', 'skerry-everything'] as $example) {
            $text = Documents::text($example);
            $again = SetDocument::parse($text)->text();

            self::assertJsonStringEqualsJsonString($text, $again);
            self::assertEquals(Json::object($text), Json::object($again));
        }
        $again = SetDocument::parse(Documents::text('skerry-everything'))->text();
        self::assertStringContainsString('"workshop": {}', $again);
        self::assertStringContainsString('442.0', $again);
    }

    public function test_frets_that_are_fanned_stand_square_at_the_twelfth_unless_somebody_says(): void
    {
        $fan = Documents::with('/instrument/scale', (object) ['type' => 'multiscale', 'treble_mm' => 620, 'bass_mm' => 660]);
        $frets = static fn (?int $square): array => Answers::fit(SetDocument::from(
            Documents::with('/instrument/neck', (object) ($square === null ? ['frets' => 22] : ['frets' => 22, 'straight_fret' => $square]), $fan),
        ))['neck']['frets_mm'];
        self::assertSame($frets(12), $frets(null));
        self::assertSame(12, (new Neck)->straightFret);
        self::assertNotSame($frets(13), $frets(null));
    }

    public function test_a_length_for_each_of_one_string(): void
    {
        $json = Documents::with('/instrument/scale', (object) ['type' => 'each', 'lengths_mm' => [600]], Documents::usual('other', 600, ['A2'], [20]));
        self::assertEqualsWithDelta(0.6, SetDocument::from($json)->evaluation()->strings[0]->speakingLengthM, 1e-12);
    }

    public function test_strings_are_found_by_where_they_are_and_a_set_is_polymer_by_most_of_them(): void
    {
        $design = SetDocument::from(Documents::harbour())->design;
        self::assertSame([1 => $design->strings[1], 5 => $design->strings[5]], $design->stringsAt([2, 6]));
        $nylon = SetDocument::from(Documents::usual('other', 600, ['A3', 'E3'], [[28, 'nylon', 'plain'], [32, 'nylon', 'plain']]))->design->strings;
        self::assertFalse(SetDesign::arePolymer([$nylon[0], $design->strings[0]]), 'half of them are not most');
        self::assertTrue(SetDesign::arePolymer([$nylon[0], $nylon[1], $design->strings[0]]));
    }

    public function test_an_instrument_of_another_version_is_refused(): void
    {
        $json = '{"format": "lira-instrument", "version": %d, "strings": 6, "instrument": {"name": "x", "kind": "other", "scale": {"type": "single", "length_mm": 600}}}';
        self::assertSame(6, InstrumentFile::parse(sprintf($json, 1))->strings);
        self::assertRefused('This version of the instrument document is not known', static fn () => InstrumentFile::parse(sprintf($json, 2)));
    }

    public function test_unknown_keys_are_reported_with_their_place(): void
    {
        self::assertSame(
            ['/instrument/colour', '/strings/1/label', '/workshop'],
            self::sorted(SetDocument::from(Documents::everything())->unknownKeys),
        );
        self::assertSame([], SetDocument::from(Documents::harbour())->unknownKeys);
    }

    public function test_unknown_keys_are_reported_wherever_they_stand(): void
    {
        $json = Documents::with('/instrument/hardware', (object) [
            'nut' => (object) ['slots_mm' => 1.0, 'colour' => 'white'],
            'headstock' => (object) ['tilt_deg' => 3, 'carving' => 'swan'],
            'posts' => (object) ['diameter_mm' => 6, 'make' => 'x'],
            'saddle' => (object) ['travel_mm' => 4, 'make' => 'x'],
            'springs' => (object) ['count' => 3, 'rate_n_per_mm' => 2, 'make' => 'x'],
            'trees' => [(object) ['position' => 1, 'height_mm' => 4, 'distance_mm' => 40, 'shape' => 'disc']],
        ]);
        $json = Documents::with('/strings/0/density', (object) ['kg_per_m' => 0.0005, 'source' => 'supplied', 'by' => 'somebody'], $json);
        $json = Documents::with('/strings/4/core', (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.016, 'temper' => 'hard'], $json);
        $json = Documents::with('/tunings/0/mood', 'low', $json);
        $json = Documents::with('/instrument/setup', (object) ['action_12_mm' => 1.8, 'who' => 'me'], $json);
        $short = (object) ['position' => 6, 'starts_at_fret' => 2, 'why' => 'x'];
        $json = Documents::with('/instrument/short_strings', [$short], $json);

        self::assertSame([
            '/instrument/hardware/headstock/carving', '/instrument/hardware/nut/colour', '/instrument/hardware/posts/make',
            '/instrument/hardware/saddle/make', '/instrument/hardware/springs/make', '/instrument/hardware/trees/0/shape',
            '/instrument/setup/who', '/instrument/short_strings/0/why', '/strings/0/density/by', '/strings/4/core/temper', '/tunings/0/mood',
        ], self::sorted(SetDocument::from($json)->unknownKeys));
    }

    public function test_one_faulty_short_string_does_not_hide_the_others(): void
    {
        $json = Documents::with('/instrument/short_strings', [
            (object) ['position' => 5, 'starts_at_fret' => 5.5],
            (object) ['position' => 9, 'starts_at_fret' => 5],
            (object) ['position' => 6, 'starts_at_fret' => 99],
        ]);
        try {
            SetDocument::from($json);
            self::fail('It was read.');
        } catch (InvalidDocument $refused) {
            self::assertSame(
                ['/instrument/short_strings/0/starts_at_fret', '/instrument/short_strings/1', '/instrument/short_strings/2'],
                array_map(static fn ($problem): string => $problem->path, $refused->problems),
            );
        }
        $both = Documents::with('/instrument/short_strings', [
            (object) ['position' => 5, 'starts_at_fret' => 5],
            (object) ['position' => 6, 'starts_at_fret' => 12],
        ]);
        $scale = SetDocument::from($both)->design->instrument->scale;
        self::assertClose(0.686 * 2 ** (-5 / 12), $scale->speakingLengthM(5, 6), 1e-12);
        self::assertClose(0.343, $scale->speakingLengthM(6, 6), 1e-12);
    }

    public function test_everything_that_is_said_is_understood(): void
    {
        $design = SetDocument::from(Documents::everything())->design;

        self::assertClose(0.648, $design->instrument->scale->speakingLengthM(1, 7), 1e-12);
        self::assertClose(0.6865, $design->instrument->scale->speakingLengthM(7, 7), 1e-12);
        self::assertSame([24, 8, Fingerboard::Ebony, NeckJoint::Through, TrussRod::TwoWay], [
            $design->instrument->neck->frets, $design->instrument->neck->straightFret, $design->instrument->neck->fingerboard,
            $design->instrument->neck->joint, $design->instrument->neck->trussRod,
        ]);
        self::assertSame([1, 1, 1, 1, 1, 1, 1], $design->instrument->courses->sizes);
        self::assertSame(442.0, $design->tunings[1]->a4->inHertz());
        self::assertSame(-3.5, $design->tunings[0]->cents[2]);
        self::assertClose(0.0095, $design->strings[0]->spec->type->gauge->inInches(), 1e-12);
        self::assertClose(0.33, $design->strings[1]->spec->type->gauge->inMillimetres(), 1e-12);
        self::assertSame(
            [Source::Supplied, State::Strung, 0.015],
            [$design->strings[2]->density->source, $design->strings[2]->density->state, $design->strings[2]->density->tolerance->own],
        );
        self::assertCount(2, $design->strings[5]->build->wraps);
        self::assertClose(0.46e-3, (float) $design->strings[5]->build->core?->size->inMetres(), 1e-12);
        self::assertSame(
            [Source::Measured, State::Rest, 0.004],
            [$design->strings[6]->density->source, $design->strings[6]->density->state, $design->strings[6]->density->tolerance->own],
        );
    }

    public function test_every_form_of_scale_is_read(): void
    {
        $length = static fn (\stdClass $scale): float => SetDocument::from(Documents::with('/instrument/scale', $scale))
            ->design->instrument->scale->speakingLengthM(2, 6);

        self::assertClose(0.648, $length((object) ['type' => 'single', 'length_mm' => 648]), 1e-12);
        self::assertClose(0.648, $length((object) ['type' => 'half', 'nut_to_twelfth_mm' => 324]), 1e-12);
        self::assertClose(0.650, $length((object) ['type' => 'multiscale', 'treble_mm' => 648, 'bass_mm' => 658]), 1e-12);
        self::assertClose(0.612, $length((object) ['type' => 'each', 'lengths_mm' => [611, 612, 613, 614, 615, 616]]), 1e-12);
        $short = Documents::with('/instrument/short_strings', [(object) ['position' => 6, 'starts_at_fret' => 12]]);
        self::assertClose(0.343, SetDocument::from($short)->design->instrument->scale->speakingLengthM(6, 6), 1e-12);
    }

    /** A modelled density may be written down; it says nothing new. */
    public function test_a_density_marked_modelled_is_modelled_again(): void
    {
        $said = Documents::with('/strings/0/density', (object) ['kg_per_m' => 0.5, 'source' => 'modelled']);

        self::assertSame(Source::Modelled, SetDocument::from($said)->design->strings[0]->density->source);
        self::assertLessThan(0.001, SetDocument::from($said)->design->strings[0]->density->kgPerM);
    }

    #[DataProvider('bad')]
    public function test_bad_documents_say_where_and_what_to_do(\stdClass $json, string $path, string $words): void
    {
        try {
            SetDocument::from($json);
            self::fail('It was taken.');
        } catch (InvalidDocument $refused) {
            $there = array_filter(
                $refused->problems,
                static fn ($problem): bool => $problem->path === $path && str_contains($problem->message, $words),
            );
            self::assertNotSame([], $there, "No “{$words}” at {$path} in ".Json::text($refused->toArray()));
        }
    }

    /** @return iterable<string, array{\stdClass, string, string}> */
    public static function bad(): iterable
    {
        $with = Documents::with(...);
        yield 'courses for another number' => [Documents::with('/instrument/courses', [2, 2]), '/instrument/courses', '6 in all'];
        yield 'half a course' => [Documents::with('/instrument/courses', [1.5, 4.5]), '/instrument/courses', '1 to 4 each'];
        yield 'too many frets' => [Documents::with('/instrument/neck', (object) ['frets' => 37]), '/instrument/neck/frets', 'from 0 to 36'];
        yield 'a rod of rubber' => [
            Documents::with('/instrument/neck', (object) ['truss_rod' => 'rubber']),
            '/instrument/neck/truss_rod',
            'two-way',
        ];
        yield 'an owner without end' => [
            Documents::with('/instrument/owner', str_repeat('a', 20_001)),
            '/instrument/owner',
            '200 is the most',
        ];
        yield 'a resolution of nothing' => [
            Documents::with('/instrument/resolutions_mm', (object) ['hardware/nut/slots_mm' => 0]),
            '/instrument/resolutions_mm/hardware~1nut~1slots_mm',
            'must be from',
        ];
        yield 'an end that is no end' => [Documents::with('/strings/0/end', 'hook'), '/strings/0/end', 'ball, loop, bare'];
        yield 'another format' => [$with('/format', 'lira-evaluation'), '/format', 'not a set document'];
        yield 'no format' => [$with('/format', null), '/format', 'not a set document'];
        yield 'another version' => [$with('/version', 2), '/version', 'version'];
        yield 'no name' => [$with('/name', null), '/name', 'Missing'];
        yield 'a name that is a number' => [$with('/name', 7), '/name', 'as text'];
        yield 'notes that are a list' => [$with('/notes', [1]), '/notes', 'as text'];
        yield 'no instrument' => [$with('/instrument', null), '/instrument', 'Missing: the instrument'];
        yield 'an instrument that is a list' => [$with('/instrument', []), '/instrument', 'object in braces'];
        yield 'unknown kind' => [$with('/instrument/kind', 'hurdy-gurdy'), '/instrument/kind', 'electric-guitar'];
        yield 'unknown scale' => [$with('/instrument/scale/type', 'long'), '/instrument/scale/type', 'multiscale'];
        yield 'length of zero' => [$with('/instrument/scale/length_mm', 0), '/instrument/scale/length_mm', 'outside 100 to 2000'];
        yield 'length as text' => [$with('/instrument/scale/length_mm', '686'), '/instrument/scale/length_mm', 'as a number'];
        yield 'length without end' => [$with('/instrument/scale/length_mm', INF), '/instrument/scale/length_mm', 'too large'];
        yield 'no length' => [$with('/instrument/scale/length_mm', null), '/instrument/scale/length_mm', 'Missing'];
        yield 'half a length of nothing' => [
            $with('/instrument/scale', (object) ['type' => 'half', 'nut_to_twelfth_mm' => 20]),
            '/instrument/scale/nut_to_twelfth_mm',
            'outside',
        ];
        yield 'a bass length too short' => [
            $with('/instrument/scale', (object) ['type' => 'multiscale', 'treble_mm' => 648, 'bass_mm' => 6]),
            '/instrument/scale/bass_mm',
            'outside',
        ];
        yield 'lengths for another number' => [
            $with('/instrument/scale', (object) ['type' => 'each', 'lengths_mm' => [640, 650]]),
            '/instrument/scale/lengths_mm',
            '2 lengths for 6 strings',
        ];
        yield 'lengths of nothing' => [
            $with('/instrument/scale', (object) ['type' => 'each', 'lengths_mm' => []]),
            '/instrument/scale/lengths_mm',
            'one length for each',
        ];
        yield 'a length that is none' => [
            $with('/instrument/scale', (object) ['type' => 'each', 'lengths_mm' => [640, 'x', 640, 640, 640, 640]]),
            '/instrument/scale/lengths_mm/1',
            'as numbers',
        ];
        yield 'a short string that is not there' => [
            $with('/instrument/short_strings', [(object) ['position' => 7, 'starts_at_fret' => 5]]),
            '/instrument/short_strings/0',
            'no string 7',
        ];
        yield 'a short string at half a fret' => [
            $with('/instrument/short_strings', [(object) ['position' => 5, 'starts_at_fret' => 5.5]]),
            '/instrument/short_strings/0/starts_at_fret',
            'whole number',
        ];
        yield 'a short string beyond the neck' => [
            $with('/instrument/short_strings', [(object) ['position' => 5, 'starts_at_fret' => 99]]),
            '/instrument/short_strings/0',
            'outside 0 to 36',
        ];
        yield 'no tunings' => [$with('/tunings', []), '/tunings', '1 to 12 tunings'];
        yield 'tunings that are none' => [$with('/tunings', ['C standard']), '/tunings/0', 'list of objects'];
        yield 'a pitch that is none' => [
            self::tuning('pitches', ['C4', 'G3', 'H3', 'Bb2', 'F2', 'C2']),
            '/tunings/0/pitches/2',
            'is not a pitch',
        ];
        yield 'a pitch that is a number' => [
            self::tuning('pitches', ['C4', 'G3', 51, 'Bb2', 'F2', 'C2']),
            '/tunings/0/pitches/2',
            'as text',
        ];
        yield 'five pitches for six strings' => [
            self::tuning('pitches', ['C4', 'G3', 'Eb3', 'Bb2', 'F2']),
            '/tunings/0/pitches',
            '5 pitches for 6 strings',
        ];
        yield 'A4 out of tune' => [self::tuning('a4_hz', 300), '/tunings/0/a4_hz', 'outside 380 to 480'];
        yield 'cents for another number' => [self::tuning('cents', [0, 0]), '/tunings/0/cents', '2 offsets for 6 strings'];
        yield 'cents of two octaves' => [self::tuning('cents', [0, 0, 2400, 0, 0, 0]), '/tunings/0/cents/2', 'more than an octave'];
        yield 'no strings' => [$with('/strings', []), '/strings', '1 to 14 strings'];
        yield 'fifteen strings' => [$with('/strings', array_fill(0, 15, new \stdClass)), '/strings', 'this one has 15'];
        yield 'no strings key' => [$with('/strings', null), '/strings', 'Missing: the strings'];
        yield 'a gauge of zero' => [$with('/strings/2/gauge_in', 0), '/strings/2/gauge_in', 'more than zero'];
        yield 'a gauge below zero' => [$with('/strings/2/gauge_in', -0.01), '/strings/2/gauge_in', 'more than zero'];
        yield 'a gauge in thousandths' => [$with('/strings/2/gauge_in', 19), '/strings/2', 'outside 0.05 to 6 mm'];
        yield 'a gauge twice' => [$with('/strings/2/gauge_mm', 0.48), '/strings/2/gauge_in', 'not both'];
        yield 'no gauge' => [$with('/strings/2/gauge_in', null), '/strings/2/gauge_in', 'Missing: the gauge'];
        yield 'not a number for a gauge' => [$with('/strings/2/gauge_in', NAN), '/strings/2/gauge_in', 'too large'];
        yield 'the same position twice' => [$with('/strings/2/position', 1), '/strings/2/position', 'each once'];
        yield 'a position beyond' => [$with('/strings/2/position', 7), '/strings/2/position', '1 to 6'];
        yield 'no position' => [$with('/strings/2/position', null), '/strings/2/position', 'Missing'];
        yield 'unknown material' => [$with('/strings/0/material', 'moonlight'), '/strings/0/material', 'music-wire'];
        yield 'unknown construction' => [$with('/strings/0/construction', 'knitted'), '/strings/0/construction', 'round-wound'];
        yield 'plain bronze' => [$with('/strings/0/material', 'phosphor-bronze'), '/strings/0', 'cannot carry the tension'];
        yield 'a core thicker than its string' => [
            $with('/strings/3/core', (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.031]),
            '/strings/3',
            'leaves no room',
        ];
        yield 'a core without a size' => [
            $with('/strings/3/core', (object) ['shape' => 'hex', 'material' => 'music-wire']),
            '/strings/3/core/size_in',
            'Missing',
        ];
        yield 'a core of bronze' => [
            $with('/strings/3/core', (object) ['shape' => 'hex', 'material' => 'bronze-80-20', 'size_in' => 0.014]),
            '/strings/3/core',
            'cannot carry',
        ];
        yield 'a wrap of no shape' => [
            $with('/strings/3/wraps', [(object) ['shape' => 'knot', 'material' => 'pure-nickel']]),
            '/strings/3/wraps/0/shape',
            'ribbon',
        ];
        yield 'a wrap ground away' => [
            $with(
                '/strings/3/wraps',
                [(object) ['shape' => 'ground', 'material' => 'pure-nickel', 'size_in' => 0.01, 'depth_in' => 0.008]],
            ),
            '/strings/3/wraps/0',
            'at most half',
        ];
        yield 'a wrap with overlapping turns' => [
            $with(
                '/strings/3/wraps',
                [(object) ['shape' => 'round', 'material' => 'pure-nickel', 'size_in' => 0.008, 'pitch_in' => 0.004]],
            ),
            '/strings/3/wraps/0',
            'smaller than its wire',
        ];
        yield 'wraps that are no list' => [$with('/strings/3/wraps', (object) []), '/strings/3/wraps', 'list in square brackets'];
        yield 'a density of a girder' => [
            $with('/strings/0/density', (object) ['kg_per_m' => 7, 'source' => 'supplied']),
            '/strings/0/density',
            'between 0.00001 and 1',
        ];
        yield 'a density from nowhere' => [
            $with('/strings/0/density', (object) ['kg_per_m' => 0.0004]),
            '/strings/0/density/source',
            'Missing',
        ];
        yield 'a measurement without tolerance' => [
            $with('/strings/0/density', (object) ['kg_per_m' => 0.0004, 'source' => 'measured']),
            '/strings/0/density/tolerance',
            'how sure',
        ];
        yield 'a supplied density without a figure' => [
            $with('/strings/0/density', (object) ['source' => 'supplied']),
            '/strings/0/density/kg_per_m',
            'Missing',
        ];
        yield 'a tolerance of everything' => [
            $with('/strings/0/density', (object) ['kg_per_m' => 0.0004, 'source' => 'supplied', 'tolerance' => 2]),
            '/strings/0/density',
            'share from 0 to 0.5',
        ];
        yield 'an elastomer weighed at rest' => [
            Documents::with('/strings/0/density', (object) ['kg_per_m' => 0.003, 'source' => 'measured', 'tolerance' => 0.01], $with('/strings/0/material', 'polyurethane')),
            '/strings/0',
            'give it as strung',
        ];
        yield 'a broken baseline' => [$with('/baseline/strings/1/gauge_in', -1), '/baseline/strings/1/gauge_in', 'more than zero'];
        yield 'a baseline without tunings' => [$with('/baseline/tunings', null), '/baseline/tunings', 'Missing'];
        yield 'a pool of nonsense' => [$with('/pool', 'everything'), '/pool', 'list in square brackets'];
        yield 'a pool gauge twice' => [
            $with(
                '/pool',
                [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.01], 'gauges_mm' => [0.25]]],
            ),
            '/pool/0/gauges_in',
            'once',
        ];
        yield 'a pool gauge that is none' => [
            $with('/pool', [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.01, 0]]]),
            '/pool/0/gauges_in/1',
            'outside',
        ];
        yield 'a pool without end' => [
            $with('/pool', [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => array_fill(0, 2001, 0.01)]]),
            '/pool',
            'at most 2000',
        ];
    }

    #[DataProvider('badHardware')]
    public function test_bad_hardware_limits_and_samples_say_where(\stdClass $json, string $path, string $words): void
    {
        $this->test_bad_documents_say_where_and_what_to_do($json, $path, $words);
    }

    /** @return iterable<string, array{\stdClass, string, string}> */
    public static function badHardware(): iterable
    {
        $hardware = static fn (array $given): \stdClass => Documents::with('/instrument/hardware', (object) $given);
        $setup = static fn (array $given): \stdClass => Documents::with('/instrument/setup', (object) $given);
        yield 'an anchor that is none' => [$hardware(['anchor' => 'glue']), '/instrument/hardware/anchor', 'bridge-pins'];
        yield 'a maximum of nothing' => [
            $hardware(['max_total_tension_n' => 0]),
            '/instrument/hardware/max_total_tension_n',
            'from 1 to 20000',
        ];
        yield 'a post of nothing' => [
            $hardware(['posts' => (object) ['diameter_mm' => 0]]),
            '/instrument/hardware/posts/diameter_mm',
            'from 0.01',
        ];
        yield 'distances for another number' => [
            $hardware(['posts' => (object) ['distance_mm' => [60, 60]]]),
            '/instrument/hardware/posts/distance_mm',
            '2 figures for 6 strings',
        ];
        yield 'a distance below zero' => [
            $hardware(['posts' => (object) ['distance_mm' => -4]]),
            '/instrument/hardware/posts/distance_mm',
            'more than 0',
        ];
        yield 'a headstock bent back on itself' => [
            $hardware(['headstock' => (object) ['tilt_deg' => 90]]),
            '/instrument/hardware/headstock/tilt_deg',
            'from -30 to 45',
        ];
        yield 'slots of no width' => [
            $hardware(['nut' => (object) ['slots_mm' => [0.3, 0, 0.4, 0.5, 0.6, 0.7]]]),
            '/instrument/hardware/nut/slots_mm',
            'more than 0',
        ];
        yield 'a slot as text' => [
            $hardware(['nut' => (object) ['slots_mm' => [0.3, 'wide', 0.4, 0.5, 0.6, 0.7]]]),
            '/instrument/hardware/nut/slots_mm/1',
            'as numbers',
        ];
        yield 'travel below zero' => [
            $hardware(['saddle' => (object) ['travel_mm' => -1]]),
            '/instrument/hardware/saddle/travel_mm',
            'at least 0',
        ];
        yield 'a tree on no string' => [
            $hardware(['trees' => [(object) ['position' => 9, 'height_mm' => 5, 'distance_mm' => 30]]]),
            '/instrument/hardware/trees/0/position',
            'no such string',
        ];
        yield 'no springs' => [
            $hardware(['springs' => (object) ['count' => 0, 'rate_n_per_mm' => 1]]),
            '/instrument/hardware/springs',
            '1 to 8 springs',
        ];
        yield 'springs of no rate' => [
            $hardware(['springs' => (object) ['count' => 3, 'rate_n_per_mm' => 0]]),
            '/instrument/hardware/springs',
            'more than 0',
        ];
        yield 'springs without an arm' => [
            $hardware(['springs' => (object) ['count' => 3, 'rate_n_per_mm' => 2, 'lever' => 0.01]]),
            '/instrument/hardware/springs/lever',
            'must be from 0.05 to 2',
        ];
        yield 'action of a harp' => [$setup(['action_12_mm' => 25]), '/instrument/setup/action_12_mm', 'from 0 to 20'];
        yield 'a pick on the saddle' => [$setup(['pick_from_saddle_mm' => 0]), '/instrument/setup/pick_from_saddle_mm', 'more than 0'];
        yield 'two picking forces' => [$setup(['picking_n' => [1, 2]]), '/instrument/setup/picking_n', 'three picking forces'];
        yield 'a picking force of nothing' => [$setup(['picking_n' => [0, 2, 3]]), '/instrument/setup/picking_n', 'more than 0'];
        yield 'a limit that is none' => [Documents::with('/limits', (object) ['patience' => 1]), '/limits/patience', 'Known limits'];
        yield 'a limit out of range' => [
            Documents::with('/limits', (object) ['break-stop' => 2]),
            '/limits/break-stop',
            'This limit goes from',
        ];
        yield 'a limit as text' => [Documents::with('/limits', (object) ['break-stop' => 'much']), '/limits/break-stop', 'as a number'];
        yield 'a holding tension of nothing' => [Documents::with('/holding_tension_n', 0), '/holding_tension_n', 'from 1 to 1000'];
        yield 'a string of no length' => [Documents::with('/strings/0/length_mm', 0), '/strings/0/length_mm', 'more than zero'];
        $sample = [
            'construction' => 'plain',
            'material' => 'music-wire',
            'gauge_in' => 0.01,
            'mass_g' => 1,
            'mass_resolution_g' => 0.01,
            'length_mm' => 900,
            'length_resolution_mm' => 1,
        ];
        yield 'a sample lighter than the scale can tell' => [
            Documents::with('/samples', [(object) (['mass_g' => 0.001] + $sample)]),
            '/samples/0',
            'The mass must be',
        ];
        yield 'a sample without a length' => [
            Documents::with('/samples', [(object) array_diff_key($sample, ['length_mm' => 0])]),
            '/samples/0/length_mm',
            'Missing',
        ];
        yield 'a sample neither weighed nor sounded' => [
            Documents::with('/samples', [(object) array_diff_key($sample, ['mass_g' => 0])]),
            '/samples/0/load_n',
            'Missing',
        ];
        yield 'a sample that cannot be made' => [
            Documents::with('/samples', [(object) (['material' => 'pure-nickel'] + $sample)]),
            '/samples',
            'cannot carry',
        ];
        yield 'samples without end' => [Documents::with('/samples', array_fill(0, 501, (object) $sample)), '/samples', 'at most 500'];
    }

    #[DataProvider('badTargets')]
    public function test_bad_targets_say_where(\stdClass $target, string $path, string $words): void
    {
        $json = Documents::harbour();
        $json->target = $target;
        $document = SetDocument::from($json);
        try {
            $document->brief();
            self::fail('It was taken.');
        } catch (InvalidDocument $refused) {
            $there = array_filter(
                $refused->problems,
                static fn ($problem): bool => $problem->path === $path && str_contains($problem->message, $words),
            );
            self::assertNotSame([], $there, "No “{$words}” at {$path} in ".Json::text($refused->toArray()));
        }
    }

    /** @return iterable<string, array{\stdClass, string, string}> */
    public static function badTargets(): iterable
    {
        $equal = static fn (array $given): \stdClass => (object) ($given + ['profile' => 'equal', 'tension_n' => 70]);
        yield 'no profile' => [(object) [], '/target/profile', 'Missing'];
        yield 'a profile that is none' => [(object) ['profile' => 'best'], '/target/profile', 'progressive'];
        yield 'no tension' => [(object) ['profile' => 'equal'], '/target/tension_n', 'Missing'];
        yield 'tension as text' => [(object) ['profile' => 'total', 'tension_n' => 'lots'], '/target/tension_n', 'as a number'];
        yield 'a tension of nothing' => [(object) ['profile' => 'equal', 'tension_n' => 0], '/target/tension_n', 'more than 0'];
        yield 'tensions for another number' => [
            (object) ['profile' => 'per-string', 'tension_n' => [70, 70]],
            '/target/tension_n',
            '2 target tensions for 6 strings',
        ];
        yield 'progressive without an end' => [
            (object) ['profile' => 'progressive', 'tension_n' => (object) ['first' => 70]],
            '/target/tension_n/last',
            'Missing',
        ];
        yield 'a ratio of nothing' => [(object) ['profile' => 'baseline', 'ratio' => 0], '/target/ratio', 'from 0.1 to 10'];
        yield 'a tuning that is not there' => [$equal(['tunings' => 1]), '/target/tunings', 'There are 1 tunings'];
        yield 'tunings in words' => [$equal(['tunings' => 'all']), '/target/tunings', 'as a number'];
        yield 'a style of its own' => [$equal(['style' => (object) ['attack' => 'furious']]), '/target/style/attack', 'soft'];
        yield 'a band wider than its target' => [$equal(['band' => 0.6]), '/target/band', 'from 0 to 0.5'];
        yield 'wound from nowhere' => [$equal(['wound_from' => 0]), '/target/wound_from', 'from 1 to 7'];
        yield 'plain beyond the last' => [$equal(['plain_to' => 7]), '/target/plain_to', 'from 0 to 6'];
        yield 'half a position' => [$equal(['keep' => [1.5]]), '/target/keep/0', 'Positions go from 1 to 6'];
        yield 'a position beyond' => [$equal(['plain_only' => [2, 9]]), '/target/plain_only/1', 'Positions go from 1 to 6'];
        yield 'a breaking share of two' => [
            $equal(['limits' => (object) ['break_share' => 2]]),
            '/target/limits/break_share',
            'from 0.05 to 1',
        ];
        yield 'a total of nothing' => [$equal(['limits' => (object) ['max_total_n' => 0]]), '/target/limits/max_total_n', 'from 1'];
        yield 'a pool of nonsense' => [$equal(['pool' => 'all']), '/target/pool', 'list in square brackets'];
        yield 'a packaged set of nothing' => [
            $equal(['sets' => [(object) ['name' => 'Nothing', 'strings' => []]]]),
            '/target/sets/0/strings',
            'at least one string',
        ];
        yield 'a packaged string that cannot be' => [
            $equal(['sets' => [(object) [
                'name' => 'Odd',
                'strings' => [(object) ['construction' => 'plain', 'material' => 'pure-nickel', 'gauge_in' => 0.01]],
            ]]]),
            '/target/sets/0/strings/0',
            'cannot carry',
        ];
        yield 'packaged sets without end' => [$equal(['sets' => array_fill(0, 501, new \stdClass)]), '/target/sets', 'at most 500'];
    }

    public function test_the_ends_of_every_range_are_taken(): void
    {
        $string = (object) ['construction' => 'plain', 'material' => 'music-wire', 'gauge_in' => 0.010];
        $fourteen = Documents::with('/baseline', null);
        $fourteen->strings = array_map(
            static fn (int $position): \stdClass => (object) (['position' => $position] + (array) $string),
            range(1, 14),
        );
        $fourteen->tunings = array_fill(0, 12, (object) ['name' => 'Unison', 'pitches' => array_fill(0, 14, 'E4')]);
        self::assertCount(14, SetDocument::from($fourteen)->design->strings);

        $json = Documents::with('/instrument/setup', (object) ['picking_n' => [0.1, 3, 50], 'action_12_mm' => 20]);
        $json = Documents::with(
            '/instrument/hardware',
            (object) ['springs' => (object) ['count' => 8, 'rate_n_per_mm' => 100, 'lever' => 2], 'saddle' => (object) ['travel_mm' => 0]],
            $json,
        );
        $json->samples = array_fill(
            0,
            500,
            (object) ((array) $string + ['mass_g' => 0.4, 'mass_resolution_g' => 0.01, 'length_mm' => 1000, 'length_resolution_mm' => 1]),
        );
        $json->target = (object) [
            'profile' => 'equal',
            'tension_n' => 2000,
            'band' => 0.5,
            'wound_from' => 7,
            'plain_to' => 0,
            'sets' => array_fill(0, 500, (object) ['name' => '', 'strings' => [$string]]),
        ];
        $document = SetDocument::from($json);
        self::assertSame(50.0, $document->design->instrument->setup->pickingN['hard']);
        self::assertEquals(new SpringSet(8, 100_000.0, 2.0), $document->design->instrument->hardware->springs);
        self::assertSame(0.0, $document->design->instrument->hardware->saddle->travelM(3));
        self::assertCount(500, $document->brief()->packaged);
        self::assertSame(500, $document->measurements->correctionOf(StringSpec::plain(Material::MusicWire, Length::thousandths(12)))?->samples);
        $json->target->sets = [];
        $half = Documents::with(
            '/strings/4/wraps',
            [(object) ['shape' => 'ground', 'material' => 'pure-nickel', 'size_in' => 0.016, 'depth_in' => 0.008]],
        );
        // Nickel lies on the flats of the core.
        self::assertClose(0.024, 0.866 * (float) SetDocument::from($half)->design->strings[4]->build->core?->size->inInches(), 1e-9);
    }

    public function test_a_target_is_needed_to_solve_and_a_baseline_to_aim_at_it(): void
    {
        self::assertRefused('Missing: the target', static fn () => SetDocument::from(Documents::harbour())->brief());
        $alone = Documents::with('/baseline', null);
        $alone->target = (object) ['profile' => 'baseline'];
        self::assertRefused('give the set that feels right', static fn () => SetDocument::from($alone)->brief());
        $fewer = Documents::with('/baseline/tunings/0/pitches', ['D4', 'A3', 'F3', 'C3', 'G2']);
        $fewer = Documents::with('/baseline/strings/5', null, $fewer);
        $fewer->target = (object) ['profile' => 'baseline'];
        self::assertRefused('nothing of string 6', static fn () => SetDocument::from($fewer)->brief());
    }

    public function test_single_strings_stand_in_a_pool_with_all_that_is_known_of_them(): void
    {
        $json = Documents::harbour();
        $json->pool = [
            (object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_mm' => [0.254]],
            (object) [
                'construction' => 'plain',
                'material' => 'polyurethane',
                'gauge_mm' => 2.2,
                'density' => (object) ['kg_per_m' => 0.004, 'source' => 'measured', 'state' => 'strung', 'tolerance' => 0.02],
            ],
        ];
        $pool = SetDocument::from($json)->pool;

        self::assertClose(0.010, (float) $pool?->strings[0]->spec->type->gauge->inInches(), 1e-12);
        self::assertSame(0.004, $pool?->strings[1]->density->kgPerM);
    }

    public function test_all_problems_are_said_at_once_and_each_only_once(): void
    {
        $json = Documents::with('/strings/2/gauge_in', 0);
        $json->name = 5;
        $json = Documents::with('/tunings/0/pitches/0', 'X', $json);
        try {
            SetDocument::from($json);
            self::fail('It was taken.');
        } catch (InvalidDocument $refused) {
            $paths = array_map(static fn ($problem): string => $problem->path, $refused->problems);
            self::assertSame(['/name', '/strings/2/gauge_in', '/tunings/0/pitches/0'], self::sorted($paths));
            self::assertSame('lira-error', $refused->toArray()['format']);
        }
    }

    #[DataProvider('brokenTexts')]
    public function test_what_is_no_document_is_told_apart(string $text, string $words): void
    {
        self::assertRefused($words, static fn () => SetDocument::parse($text));
    }

    /** @return iterable<string, array{string, string}> */
    public static function brokenTexts(): iterable
    {
        $whole = Documents::text('harbour-baritone');
        yield 'nothing' => [" \n", 'nothing here'];
        yield 'cut in half' => [substr($whole, 0, intdiv(strlen($whole), 2)), 'ends in the middle'];
        yield 'cut inside a word' => [substr($whole, 0, 40), 'ends in the middle'];
        yield 'a comma missing' => [str_replace('"version": 1,', '"version": 1', $whole), 'not valid JSON'];
        yield 'a list' => ['[1, 2]', 'JSON object'];
        yield 'prose' => ['Dear Lira,', 'does not start with {'];
        yield 'a picture' => ["{\x89PNG\r\n\x1a\n\x00\xff", 'not UTF-8'];
        yield 'too deep' => [str_repeat('{"a":', 100).'1'.str_repeat('}', 100), 'not valid JSON'];
        yield 'far too large' => ['{"a":"'.str_repeat('x', Json::MAX_BYTES).'"}', 'more than 2 MB'];
    }

    /**
     * @param  list<string>  $paths
     * @return list<string>
     */
    private static function sorted(array $paths): array
    {
        sort($paths);

        return $paths;
    }

    private static function tuning(string $key, mixed $value): \stdClass
    {
        return Documents::with("/tunings/0/{$key}", $value);
    }
}
