<?php

declare(strict_types=1);

namespace Tests\Core\Conversion;

use Lira\Document\Converted;
use Lira\Document\Converter;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Pitch\Pitch;
use Lira\Wording\Statement;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Conversions: where they land, what they are measured from, and when they say that the instrument is a poor candidate. */
final class ConverterTest extends CoreTestCase
{
    public function test_lower_keeps_the_feel_and_the_baseline(): void
    {
        $converted = self::convert(['to' => 'lower', 'semitones' => 4]);
        $document = $converted->document;

        self::assertSame('Curlew, 4 lower, C standard', $document->design->name);
        self::assertSame([60, 55, 51, 46, 41, 36], self::notes($document));
        self::assertSame('Curlew, E', $document->baseline?->name);
        self::assertSame([12.5, 16.0, 21.0, 33.0, 45.0, 58.0], self::gauges($document));
        self::assertSame(
            [false, false, false, true, true, true],
            array_map(static fn ($string): bool => $string->spec->type->construction->isWound(), $document->design->strings),
        );
        foreach ($converted->assessment->evaluation->strings as $string) {
            self::assertLessThan(0.06, abs((float) $string->tunings[0]->change?->share()), "String {$string->position}");
        }
        self::assertSame([], self::said($converted->doubts));
        self::assertStringContainsString('pulls 63 % of what it did: string 6 only 50 N', self::said($converted->reasons)[0]);
        self::assertSame(implode("\n", ['As it was first made:', ...self::said($converted->reasons)]), $document->json->notes);
        self::assertSame('baseline', self::dig((array) $document->json, 'target.profile'));
    }

    public function test_what_was_settled_and_measured_goes_with_the_set(): void
    {
        $json = self::curlew();
        $json->limits = (object) ['neighbour-jump' => 0.5];
        $json->holding_tension_n = 40;
        $json->samples = [(object) [
            'construction' => 'plain', 'material' => 'music-wire', 'gauge_in' => 0.010, 'mass_g' => 0.4, 'mass_resolution_g' => 0.001,
            'length_mm' => 1000, 'length_resolution_mm' => 1,
        ]];
        $converted = self::convert(['to' => 'lower', 'semitones' => 2], $json)->document->json;

        self::assertEquals([$json->limits, 40, $json->samples], [$converted->limits, $converted->holding_tension_n, $converted->samples]);
    }

    public function test_the_scale_reckoned_with_is_that_of_the_first_string(): void
    {
        $lengths = (object) ['type' => 'each', 'lengths_mm' => [600, 610, 620, 630, 640, 650]];
        $json = Documents::with('/instrument/scale', $lengths, self::curlew());
        $scale = (object) ['type' => 'each', 'lengths_mm' => [660, 700, 700, 700, 700, 700]];
        $reason = self::convert(['to' => 'scale', 'instrument' => (object) ['name' => 'Longer', 'kind' => 'electric-guitar', 'scale' => $scale]], $json)->reasons[0];

        self::assertClose(1.21, (float) $reason->parameters['left_share'], 1e-9);
    }

    public function test_a_baseline_that_is_there_stays_the_measure_and_so_does_the_style(): void
    {
        $json = Documents::harbour();
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 90, 'style' => (object) ['attack' => 'hard']];
        $json->conversion = (object) ['to' => 'lower', 'semitones' => 1];
        $converted = Converter::convert(SetDocument::from($json));

        self::assertEquals($json->baseline, $converted->document->json->baseline);
        self::assertEquals(
            (object) ['profile' => 'baseline', 'tunings' => 'worst', 'constructions' => 'kept', 'style' => (object) ['attack' => 'hard']],
            $converted->document->json->target,
        );
        self::assertGreaterThan(1.04, $converted->document->bands()[5]->targetN / $converted->document->bands()[5]->beforeStyleN);
    }

    public function test_a_baritone_on_a_short_neck_is_a_poor_candidate_and_on_a_long_one_is_not(): void
    {
        $short = self::convert(['to' => 'baritone'], self::curlew(628));
        self::assertContains('628 mm is short for a baritone so low.', self::said($short->doubts));
        self::assertStringContainsString('necks made for it are 680 mm and longer', implode(' ', self::said($short->reasons)));
        self::assertStringContainsString('Against it: 628 mm is short', self::text($short->document));

        $long = self::convert(['to' => 'baritone'], self::curlew(690));
        self::assertSame([], self::said($long->doubts));
        self::assertStringContainsString('At 690 mm this neck is long enough', implode(' ', self::said($long->reasons)));
        self::assertSame('Baritone B', $long->document->design->tunings[0]->name);
    }

    public function test_a_longer_neck_and_a_lower_tuning_are_asked_for_together(): void
    {
        $baritone = self::convert(['to' => 'baritone', 'length_mm' => 690, 'semitones' => 5], self::curlew(628));
        self::assertSame('Curlew at 690 mm, baritone, Baritone B', $baritone->document->design->name);
        self::assertSame([], self::said($baritone->doubts));
        $why = implode(' ', self::said($baritone->reasons));
        self::assertStringContainsString('From 628 to 690 mm the same string at the same pitch pulls 121 %', $why);
        self::assertStringContainsString('5 semitones lower', $why);
        self::assertStringContainsString('At 690 mm this neck is long enough', $why);
        // What it should feel like is the old set on the old neck.
        self::assertEqualsWithDelta(0.628, $baritone->document->baseline?->instrument->scale->speakingLengthM(1, 6), 1e-9);

        $lower = self::convert(['to' => 'scale', 'length_mm' => 690, 'semitones' => 2], self::curlew(628));
        self::assertSame(['D4', 'A3', 'F3', 'C3', 'G2', 'D2'], array_map(
            static fn ($pitch): string => $pitch->name(),
            $lower->document->design->tunings[0]->pitches,
        ));
        self::assertSame('D standard', $lower->document->design->tunings[0]->name);
        self::assertStringContainsString('2 semitones lower', implode(' ', self::said($lower->reasons)));

        $this->expectExceptionMessageMatches('/0 to 12 semitones/');
        self::convert(['to' => 'scale', 'length_mm' => 690, 'semitones' => 13]);
    }

    public function test_another_scale_takes_other_gauges_for_the_same_feel(): void
    {
        $shorter = self::convert(['to' => 'scale', 'length_mm' => 610]);
        self::assertSame('Curlew at 610 mm', $shorter->document->design->instrument->name);
        self::assertStringContainsString(
            'pulls 89 % of what it did, so the same feel takes heavier gauges',
            self::said($shorter->reasons)[0],
        );
        $before = self::gauges(SetDocument::from(self::curlew()));
        foreach (self::gauges($shorter->document) as $index => $gauge) {
            self::assertGreaterThan($before[$index], $gauge);
        }

        $onHarbour = self::convert(['to' => 'scale', 'instrument' => Documents::harbour()->instrument]);
        self::assertSame('Harbour, E standard', $onHarbour->document->design->name);
        self::assertStringContainsString('lighter gauges', self::said($onHarbour->reasons)[0]);
    }

    public function test_octave_stringing_changes_the_lower_courses_and_names_the_one_at_risk(): void
    {
        $converted = self::convert(['to' => 'octave']);

        self::assertSame([64, 59, 67, 62, 57, 52], self::notes($converted->document));
        self::assertSame([10.0, 13.0, 8.5, 12.0, 18.0, 23.0], self::gauges($converted->document));
        self::assertStringContainsString('they must be changed, never tuned up', self::said($converted->reasons)[0]);
        self::assertSame([], self::said($converted->doubts));

        // The third is what a longer neck asks too much of.
        $json = self::curlew(700);
        $json->conversion = (object) ['to' => 'octave'];
        $longer = Converter::convert(SetDocument::from($json));
        self::assertStringContainsString('G4 takes 80 % to 90 % of what string 3 can bear', self::said($longer->doubts)[0]);

        // From string 4 on nothing comes near its breaking load.
        self::assertSame([], self::said(self::convert(['to' => 'octave', 'from_position' => 4])->doubts));
    }

    public function test_what_would_break_at_any_gauge_is_refused(): void
    {
        $json = self::curlew(900);
        $json->conversion = (object) ['to' => 'octave', 'from_position' => 1];

        self::assertRefused('This instrument cannot be converted so', static fn () => Converter::convert(SetDocument::from($json)));
    }

    public function test_another_string_below_grows_everything_that_is_given_by_string(): void
    {
        $json = self::curlew();
        $json->instrument = Documents::with(
            '/instrument/scale',
            (object) ['type' => 'each', 'lengths_mm' => [640, 642, 644, 646, 648, 650]],
            $json,
        )->instrument;
        $json->instrument = Documents::with(
            '/instrument/hardware',
            (object) [
                'nut' => (object) ['slots_mm' => [0.3, 0.4, 0.5, 0.8, 1, 1.3]],
                'posts' => (object) ['distance_mm' => [40, 65, 90, 90, 65, 40]],
            ],
            $json,
        )->instrument;
        $converted = self::convert(['to' => 'add-lower'], $json);
        $instrument = $converted->document->json->instrument;

        self::assertSame('Curlew with 7 strings, B standard', $converted->document->design->name);
        self::assertSame([640, 642, 644, 646, 648, 650, 650], self::dig((array) $instrument, 'scale.lengths_mm'));
        self::assertSame(1.3, self::dig((array) $instrument, 'hardware.nut.slots_mm.6'));
        self::assertSame(35, self::notes($converted->document)[6]);
        $last = $converted->assessment->evaluation->strings[6];
        self::assertNull($last->tunings[0]->change);
        self::assertClose(
            $converted->assessment->evaluation->strings[5]->tunings[0]->change->baselineN ?? 0.0,
            $last->tunings[0]->tensionN,
            0.06,
        );
        self::assertStringContainsString('A qualified repairer says whether', self::said($converted->doubts)[0]);

        self::assertSame(33, self::notes(self::convert(['to' => 'add-lower', 'pitch' => 'A1'])->document)[6]);
    }

    public function test_one_set_for_several_tunings_says_how_far_it_goes(): void
    {
        $tunings = [
            ['name' => 'E', 'pitches' => ['E4', 'B3', 'G3', 'D3', 'A2', 'E2']],
            ['name' => 'Drop C', 'pitches' => ['D4', 'A3', 'F3', 'C3', 'G2', 'C2']],
        ];
        $json = Documents::with('/instrument/hardware', (object) ['anchor' => 'vibrato'], self::curlew());
        $converted = self::convert(['to' => 'several', 'tunings' => $tunings], $json);

        self::assertSame('Curlew, for 2 tunings', $converted->document->design->name);
        self::assertCount(2, $converted->document->design->tunings);
        self::assertStringContainsString('String 6 goes the furthest, from 63 to 100 N', self::said($converted->reasons)[0]);
        self::assertStringContainsString('Its bridge floats: with 15 % more', self::said($converted->doubts)[0]);
        self::assertStringContainsString('from one tuning to another', self::said($converted->doubts)[1]);
        self::assertStringContainsString('String 6 goes from 63 to 100 N over the tunings', self::said($converted->doubts)[2]);
    }

    public function test_a_top_of_unknown_strength_is_not_asked_to_carry_more(): void
    {
        $json = self::curlew();
        $json->instrument = (object) [
            'name' => 'Dunlin',
            'kind' => 'acoustic-guitar',
            'scale' => (object) ['type' => 'single', 'length_mm' => 645],
        ];
        $tunings = [['pitches' => ['E4', 'B3', 'G3', 'D3', 'A2', 'E2']], ['pitches' => ['D4', 'A3', 'F3', 'C3', 'G2', 'C2']]];

        self::assertStringContainsString(
            'a light or old one must not carry more',
            implode(' ', self::said(self::convert(['to' => 'several', 'tunings' => $tunings], $json)->doubts)),
        );
        $json->instrument->hardware = (object) ['max_total_tension_n' => 450];
        self::assertStringContainsString(
            'this instrument may bear 450 N',
            implode(' ', self::said(self::convert(['to' => 'several', 'tunings' => $tunings], $json)->doubts)),
        );
    }

    public function test_strings_whose_density_is_known_take_it_along(): void
    {
        $json = Documents::with(
            '/strings/5/density',
            (object) ['kg_per_m' => 0.0068, 'source' => 'measured', 'state' => 'rest', 'tolerance' => 0.004],
            self::curlew(),
        );

        self::assertCount(7, self::convert(['to' => 'add-lower'], $json)->document->design->strings);
    }

    public function test_one_string_after_the_other_is_added_until_there_are_as_many_as_may_be(): void
    {
        $json = self::curlew();
        for ($strings = 7; $strings <= 14; $strings++) {
            $converted = self::convert(['to' => 'add-lower', 'pitch' => Pitch::numbered(40 - 2 * ($strings - 6))->name()], $json);
            $json = clone $converted->document->json;
        }
        self::assertCount(14, $converted->document->design->strings ?? []);

        self::assertRefused('at most 14 strings', static fn () => self::convert(['to' => 'add-lower'], $json));
    }

    public function test_what_had_a_string_added_can_be_converted_on_and_feels_like_itself_then(): void
    {
        $seven = self::convert(['to' => 'add-lower'], self::curlew());
        self::assertCount(6, $seven->document->baseline->strings ?? []);
        $lower = self::convert(['to' => 'lower', 'semitones' => 2], clone $seven->document->json);

        self::assertCount(7, $lower->document->baseline->strings ?? []);
        self::assertSame($seven->document->design->name, $lower->document->baseline->name ?? '');
        self::assertSame(
            array_map(static fn (int $note): int => $note - 2, self::notes($seven->document)),
            self::notes($lower->document),
        );
    }

    public function test_what_no_gauge_can_do_is_said(): void
    {
        $heavy = Documents::with('/strings/5/gauge_in', 0.056, self::curlew());
        $doubts = self::said(self::convert(['to' => 'lower', 'semitones' => 12], $heavy)->doubts);

        self::assertStringContainsString('No gauge brings string 6 near its aim', implode(' ', $doubts));
        self::assertStringContainsString('thicker than any there is', implode(' ', $doubts));
    }

    /**
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function said(array $statements): array
    {
        return array_map(static fn (Statement $statement): string => $statement->text(Units::si()), $statements);
    }

    /** @param  array<string, mixed>  $asked */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_asked_is_refused(array $asked, string $path, string $words): void
    {
        $json = self::curlew();
        $json->conversion = (object) $asked;
        try {
            Converter::convert(SetDocument::from($json));
            self::fail('It was taken');
        } catch (InvalidDocument $refused) {
            self::assertSame($path, $refused->problems[0]->path);
            self::assertStringContainsString($words, $refused->problems[0]->message);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing known' => [['to' => 'harp'], '/conversion/to', 'is not a conversion'];
        yield 'too far' => [['to' => 'lower', 'semitones' => 13], '/conversion/semitones', '1 to 12 semitones'];
        yield 'no such string' => [['to' => 'octave', 'from_position' => 7], '/conversion/from_position', '1 to 6'];
        yield 'no pitch' => [['to' => 'add-lower', 'pitch' => 'K1'], '/conversion/pitch', 'is not a pitch'];
        yield 'onto no scale' => [['to' => 'scale'], '/conversion/length_mm', 'the length of the scale'];
        yield 'onto a scale of nothing' => [['to' => 'scale', 'length_mm' => 5], '/instrument/scale/length_mm', 'mm'];
        yield 'one tuning' => [['to' => 'several', 'tunings' => [(object) ['pitches' => ['E4']]]], '/conversion/tunings', 'at least two'];
        yield 'tunings for another instrument' => [
            ['to' => 'several', 'tunings' => [(object) ['pitches' => ['E4']], (object) ['pitches' => ['E4']]]],
            '/tunings/0/pitches',
            '1 pitches for 6 strings',
        ];
    }

    public function test_a_document_that_asks_for_nothing_is_refused(): void
    {
        self::assertRefused('what the set is to be converted to', static fn () => Converter::convert(SetDocument::from(self::curlew())));
    }

    public function test_flatwounds_stay_flatwounds(): void
    {
        $json = self::curlew();
        foreach ([3, 4, 5] as $index) {
            $json = Documents::with("/strings/{$index}/construction", 'flatwound', $json);
        }
        $converted = self::convert(['to' => 'lower', 'semitones' => 2], $json);

        self::assertSame(['flatwound', 'flatwound', 'flatwound'], array_map(
            static fn (EvaluatedString $string): string => $string->string->spec->type->construction->value,
            array_slice($converted->assessment->evaluation->strings, 3),
        ));
    }

    /** @param  array<string, mixed>  $asked */
    private static function convert(array $asked, ?\stdClass $json = null): Converted
    {
        $json ??= self::curlew();
        $json->conversion = Json::object(Json::text($asked));

        return Converter::convert(SetDocument::from($json));
    }

    private static function curlew(float $lengthMm = 648): \stdClass
    {
        $strings = [];
        foreach ([10, 13, 17, 26, 36, 46] as $index => $thousandths) {
            $strings[] = (object) [
                'position' => $index + 1,
                'construction' => $index < 3 ? 'plain' : 'round-wound',
                'material' => $index < 3 ? 'music-wire' : 'nickel-plated-steel',
                'gauge_in' => $thousandths / 1000,
            ];
        }

        return (object) [
            'format' => 'lira-set', 'version' => 1, 'name' => 'Curlew, E',
            'instrument' => (object) [
                'name' => 'Curlew',
                'kind' => 'electric-guitar',
                'scale' => (object) ['type' => 'single', 'length_mm' => $lengthMm],
                'hardware' => new \stdClass,
            ],
            'tunings' => [(object) ['name' => 'E standard', 'a4_hz' => 440, 'pitches' => ['E4', 'B3', 'G3', 'D3', 'A2', 'E2']]],
            'strings' => $strings,
        ];
    }

    private static function text(SetDocument $document): string
    {
        return is_string($document->json->notes ?? null) ? $document->json->notes : '';
    }

    /** @return list<int> */
    private static function notes(SetDocument $document): array
    {
        return array_map(static fn ($pitch): int => $pitch->noteNumber(), $document->design->tunings[0]->pitches);
    }

    /** @return list<float> thousandths of an inch */
    private static function gauges(SetDocument $document): array
    {
        return array_map(static fn ($string): float => round($string->spec->type->gauge->inThousandths(), 3), $document->design->strings);
    }
}
