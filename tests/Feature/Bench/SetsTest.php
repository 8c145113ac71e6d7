<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Instrument;
use App\Models\SetVersion;
use App\Models\StringSet;
use Inertia\Testing\AssertableInertia;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Smalot\PdfParser\Parser;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

final class SetsTest extends FeatureTestCase
{
    public function test_a_set_is_kept_under_a_name_and_read_as_it_is_saved_now(): void
    {
        $set = self::keptSet();
        $this->getJson("/sets/{$set->id}")->assertOk()->assertJson(['id' => $set->id, 'revision' => 1])
            ->assertJsonPath('document.name', $set->name);
        $nameless = Documents::with('/name', '   ');
        self::assertLiraError($this->sendJson('POST', '/sets/import', $nameless), 422, '/name', 'Give the set a name');
        self::assertLiraError(
            $this->sendJson('PUT', "/sets/{$set->id}", (object) ['revision' => 1, 'document' => Documents::with('/name', '')]),
            422,
            '/name',
            'Give the set a name',
        );
        self::assertLiraError(
            $this->sendJson('POST', '/sets/import', Documents::with('/name', str_repeat('a', 300_000))),
            422,
            '/name',
            '200 is the most',
        );
        self::assertSame([1, 1], [StringSet::query()->count(), $set->refresh()->revision]);
    }

    public function test_copies_of_what_has_the_longest_name_have_one_that_can_be_kept(): void
    {
        $set = self::keptSet(Documents::with('/name', str_repeat('é', 200)));
        for ($copy = 0; $copy < 3; $copy++) {
            $set = StringSet::query()->whereKey($this->post("/sets/{$set->id}/duplicate")->assertCreated()->json('id'))->sole();
            self::assertSame([200, true], [mb_strlen($set->name), str_ends_with($set->name, ', copy')]);
        }
        $instrument = $set->instrument;
        $instrument->document->name = str_repeat('é', 200);
        $instrument->name = $instrument->document->name;
        $instrument->save();
        $this->post("/instruments/{$instrument->id}/duplicate")->assertCreated();
    }

    public function test_notes_of_any_shape_are_printed_on_few_pages(): void
    {
        foreach (["\n" => 1, "x\n" => 8, "\n\nword " => 8] as $unit => $most) {
            $set = self::keptSet(Documents::with('/notes', mb_substr(str_repeat($unit, 20_000), 0, 20_000)));
            $pdf = (new Parser)->parseContent((string) $this->get("/sets/{$set->id}/sheet")->assertOk()->getContent());
            self::assertLessThanOrEqual($most, count($pdf->getPages()));
            self::assertSame($most > 1, str_contains($pdf->getText(), 'more lines, which the set itself has'));
        }
    }

    public function test_an_imported_document_comes_out_as_it_went_in(): void
    {
        foreach (['harbour-baritone', 'skerry-everything'] as $example) {
            $id = $this->sendJson('POST', '/sets/import', Documents::text($example))->assertCreated()->json('id');
            self::assertIsInt($id);
            $exported = $this->get("/sets/{$id}/export")->assertOk()->assertDownload();

            self::assertEquals(Json::object(Documents::text($example)), Json::object((string) $exported->getContent()));
        }
    }

    public function test_importing_twice_finds_the_same_instrument_again(): void
    {
        $this->sendJson('POST', '/sets/import', Documents::text('harbour-baritone'));
        $this->sendJson('POST', '/sets/import', Documents::text('harbour-baritone'));
        $longer = Documents::with('/instrument/scale/length_mm', 690);
        $this->sendJson('POST', '/sets/import', $longer);

        self::assertSame(3, StringSet::query()->count());
        self::assertSame(2, Instrument::query()->count());
    }

    public function test_a_bad_import_leaves_nothing_behind(): void
    {
        self::assertLiraError(
            $this->sendJson('POST', '/sets/import', Documents::with('/strings/0/gauge_in', -1)),
            422,
            '/strings/0/gauge_in',
            'more than zero',
        );
        self::assertLiraError(
            $this->sendJson('POST', '/sets/import', substr(Documents::text('harbour-baritone'), 0, 900)),
            422,
            '',
            'ends in the middle',
        );
        self::assertLiraError($this->sendJson('POST', '/sets/import', str_repeat('{', 20_000_000)), 422, '', 'more than 2 MB');

        self::assertSame([0, 0], [StringSet::query()->count(), Instrument::query()->count()]);
    }

    public function test_saving_keeps_the_change_and_counts_the_revision(): void
    {
        $set = self::keptSet();
        $changed = Documents::with('/strings/3/gauge_in', 0.032);
        $changed->name = 'Harbour, heavier';

        $answer = $this->sendJson('PUT', "/sets/{$set->id}", self::save(1, $changed))->assertOk();
        self::assertSame(2, $answer->json('revision'));
        self::assertSame('Harbour, heavier', $set->refresh()->name);
        self::assertEquals($changed, Json::object((string) $this->get("/sets/{$set->id}/export")->getContent()));
    }

    public function test_whoever_saves_later_is_told_and_nothing_is_lost(): void
    {
        $set = self::keptSet();
        $mine = Documents::with('/strings/3/gauge_in', 0.032);
        $theirs = Documents::with('/strings/3/gauge_in', 0.034);
        $this->sendJson('PUT', "/sets/{$set->id}", self::save(1, $theirs))->assertOk();

        self::assertLiraError($this->sendJson('PUT', "/sets/{$set->id}", self::save(1, $mine)), 409, '', 'changed elsewhere');
        self::assertEquals($theirs, Json::object((string) $this->get("/sets/{$set->id}/export")->getContent()));
    }

    public function test_a_set_on_an_instrument_measured_anew_is_not_saved_over(): void
    {
        $set = self::keptSet();
        $other = Documents::with('/instrument/scale/length_mm', 700);

        self::assertLiraError($this->sendJson('PUT', "/sets/{$set->id}", self::save(1, $other)), 409, '', 'Harbour');
        self::assertSame(1, $set->refresh()->revision);
    }

    public function test_a_document_that_cannot_be_used_is_not_saved(): void
    {
        $set = self::keptSet();

        self::assertLiraError(
            $this->sendJson('PUT', "/sets/{$set->id}", self::save(1, Documents::with('/strings/0/gauge_in', 9))),
            422,
            '/strings/0',
            'outside',
        );
        self::assertLiraError($this->sendJson('PUT', "/sets/{$set->id}", '{"revision": 1}'), 422, '/document', 'missing');
        self::assertSame(1, $set->refresh()->revision);
    }

    public function test_versions_are_kept_and_come_back_on_the_instrument_of_today(): void
    {
        $set = self::keptSet();
        $this->sendJson('POST', "/sets/{$set->id}/versions", '{"name": "First idea"}')->assertCreated();
        $this->sendJson('PUT', "/sets/{$set->id}", self::save(1, Documents::with('/strings/3/gauge_in', 0.034)))->assertOk();
        $instrument = $set->instrument;
        $measured = clone $instrument->document;
        $measured->scale = (object) ['type' => 'single', 'length_mm' => 684];
        $instrument->update(['document' => $measured]);

        $version = SetVersion::query()->firstOrFail();
        $document = $this->get("/sets/{$set->id}/versions/{$version->id}")->assertOk()->json('document');
        self::assertIsArray($document);
        self::assertSame(0.030, data_get($document, 'strings.3.gauge_in'));
        self::assertSame(684, data_get($document, 'instrument.scale.length_mm'));

        $this->delete("/sets/{$set->id}/versions/{$version->id}")->assertOk()->assertJson(['versions' => []]);
        self::assertLiraError(
            $this->sendJson('POST', "/sets/{$set->id}/versions", '{"name": " "}'),
            422,
            '/name',
            'Give the version a name',
        );
    }

    public function test_a_version_of_another_set_is_not_found(): void
    {
        $set = self::keptSet();
        $other = self::keptSet();
        $this->sendJson('POST', "/sets/{$set->id}/versions", '{"name": "Mine"}');
        $version = SetVersion::query()->firstOrFail();

        $this->getJson("/sets/{$other->id}/versions/{$version->id}")->assertNotFound();
    }

    public function test_duplicating_and_putting_away_can_be_taken_back(): void
    {
        $set = self::keptSet();
        $copy = $this->post("/sets/{$set->id}/duplicate")->assertCreated()->json('id');
        self::assertSame('Harbour, down to C, copy', StringSet::query()->where('id', $copy)->sole()->name);

        $this->delete("/sets/{$set->id}")->assertOk();
        self::assertSame(1, StringSet::query()->count());
        $this->get("/bench/{$set->id}")->assertInertia(static fn (AssertableInertia $page) => $page->component('frame/PutAwayPage'));
        $this->post("/sets/{$set->id}/unarchive")->assertOk();
        self::assertSame(2, StringSet::query()->count());
    }

    public function test_the_lists_and_the_bench_carry_what_their_screens_show(): void
    {
        $set = self::keptSet();
        $this->get('/sets')->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('bench/SetsPage')
            ->where('sets.0.name', 'Harbour, down to C')
            ->where('sets.0.kind', 'electric guitar')
            ->where('sets.0.tunings', ['C standard'])
            ->where('sets.0.gauges_nm', [279_400, 381_000, 482_600, 762_000, 1_016_000, 1_320_800])
            ->where('sets.0.instrumentId', $set->instrument_id)
            ->where('putAway', 0));
        $this->withUnencryptedCookie('lira_units', 'in+gauge-mm+lbf')->get("/bench/{$set->id}")
            ->assertInertia(static fn (AssertableInertia $page) => $page
                ->component('bench/BenchPage')
                ->where('set.revision', 1)
                ->has('evaluation.strings', 6)
                ->has('evaluation.strings.0.pool_tensions_n')
                ->has('evaluation.baseline.strings', 6)
                ->has('pitches', 128)
                ->where('pitches.63', ['D#4', 'Eb4'])
                ->where('units', ['length' => 'in', 'gauge' => 'mm', 'tension' => 'lbf']));
    }

    public function test_a_version_is_told_apart_from_the_set_as_it_is(): void
    {
        $set = self::keptSet();
        $this->postJson("/sets/{$set->id}/versions", ['name' => 'First'])->assertCreated();
        $version = $set->versions()->firstOrFail();
        $address = "/sets/{$set->id}/versions/{$version->id}/difference";
        $this->getJson($address)->assertOk()->assertExactJson(['changes' => []]);

        $changed = Documents::with(
            '/strings/5/gauge_in',
            0.054,
            Documents::with('/tunings/0/pitches/5', 'Bb1', Documents::with('/tunings/0/name', '', Documents::with('/baseline', null))),
        );
        $changed = Documents::with('/strings/0/hold', 'locked', Documents::with('/tunings/0/capo', 2, $changed));
        $changed->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'style' => (object) ['attack' => 'hard']];
        $this->putJson("/sets/{$set->id}", ['revision' => 1, 'document' => $changed])->assertOk();
        $changes = $this->getJson("{$address}?units=lbf")->assertOk()->json('changes');

        self::assertIsArray($changes);
        self::assertSame(
            ['Tuning', 'String 1', 'String 2', 'String 3', 'String 4', 'String 5', 'String 6', 'Measured from', 'Aims at'],
            array_column($changes, 'what'),
        );
        self::assertSame(
            ['what' => 'Tuning', 'before' => 'C standard, C2 F2 B♭2 E♭3 G3 C4', 'after' => 'B♭1 F2 B♭2 E♭3 G3 C4, capo 2'],
            $changes[0],
        );
        $said = static fn (int $row, string $when): string => is_string(
            data_get($changes, "{$row}.{$when}"),
        ) ? data_get($changes, "{$row}.{$when}") : '';
        self::assertStringEndsWith('locked', $said(1, 'after'));
        self::assertMatchesRegularExpression('/^52 wound, nickel-plated steel, \d+ lbf$/', $said(6, 'before'));
        self::assertStringStartsWith('54 wound', $said(6, 'after'));
        self::assertSame('none', $said(7, 'after'));
        self::assertSame('equal, 70 N, attack hard', $said(8, 'after'));
        $this->getJson("/sets/{$set->id}/versions/999/difference")->assertNotFound();
    }

    public function test_the_front_door_leads_to_the_set_that_was_on_the_bench(): void
    {
        $this->get('/')->assertRedirect('/start');
        $first = self::keptSet();
        $this->travel(1)->minutes();
        $second = self::keptSet(Documents::everything());

        $this->get('/')->assertRedirect("/bench/{$second->id}");
        $this->get("/bench/{$first->id}")->assertOk();
        $this->get('/')->assertRedirect("/bench/{$first->id}");
    }

    public function test_a_sheet_is_one_page_that_holds_all_of_itself_for_whoever_it_is_sent_to(): void
    {
        $set = self::keptSet();
        $year = now()->year;
        foreach (["/sets/{$set->id}/sheet" => 'C standard', "/sets/{$set->id}/fit" => 'fit', "/sets/{$set->id}/plan" => 'String', "/instruments/{$set->instrument_id}/years/{$year}" => (string) $year] as $address => $words) {
            $answer = $this->get("{$address}?paper=page")->assertOk()->assertHeader('Content-Type', 'text/html; charset=utf-8');
            self::assertMatchesRegularExpression('/^attachment; filename="[a-z0-9-]+\.html"$/', (string) $answer->headers->get('Content-Disposition'));
            $page = (string) $answer->getContent();
            self::assertStringContainsString($words, $page);
            self::assertStringContainsString('width=device-width', $page);
            // Nothing is fetched from anywhere, and nothing runs.
            self::assertDoesNotMatchRegularExpression('/<script|<link|<iframe|url\((?!data:)|\b(?:src|href)="(?!data:|#)/i', $page);
            self::assertStringStartsWith('%PDF', (string) $this->get("{$address}?paper=letter")->getContent());
        }
    }

    public function test_a_picture_shows_each_string_as_it_is_in_one_of_its_tunings(): void
    {
        $set = self::keptSet();
        $document = $set->document;
        /** @var list<\stdClass> $tunings */
        $tunings = $document->tunings;
        $document->tunings = [...$tunings, (object) ['name' => 'D standard', 'pitches' => ['D4', 'A3', 'F3', 'C3', 'G2', 'D2']]];
        $set->update(['document' => $document, 'name' => 'Low & <wide>']);
        $read = function (string $query) use ($set): array {
            $answer = $this->get("/sets/{$set->id}/picture{$query}")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
            $picture = simplexml_load_string((string) $answer->getContent());
            self::assertInstanceOf(\SimpleXMLElement::class, $picture);
            $picture->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
            /** @var list<\SimpleXMLElement> $text */
            $text = $picture->xpath('//s:text');
            /** @var list<\SimpleXMLElement> $lines */
            $lines = $picture->xpath('//s:g/s:line[1]');
            // What stands under the strings stands below the last of them, and inside the picture.
            $texts = array_map(strval(...), $text);
            /** @var list<\SimpleXMLElement> $rows */
            $rows = $picture->xpath('//s:g[@transform]');
            $foot = (float) $text[count($text) - 1]['y'];
            self::assertGreaterThan(74 + (float) preg_replace('/^translate\(0 (\d+)\)$/', '$1', (string) $rows[count($rows) - 1]['transform']), $foot);
            self::assertLessThan((float) $picture['height'], $foot);
            $thick = array_map(static fn (\SimpleXMLElement $line): float => (float) $line['stroke-width'], $lines);

            return [$texts, $thick];
        };
        [$texts, $thick] = $read('');
        self::assertSame('Low & <wide>', $texts[0]);
        foreach (['C4', '11', 'C2', '52w', 'plain steel', 'wound, nickel-plated steel', '62 N'] as $words) {
            self::assertContains($words, $texts);
        }
        self::assertCount(6, $thick);
        $sorted = $thick;
        sort($sorted);
        self::assertSame($sorted, $thick, 'as thick as they are');
        self::assertEqualsWithDelta(52 / 19, $thick[5] / $thick[2], 0.05);
        [$texts] = $read('?tuning=1&units=lbf+gauge-mm');
        self::assertContains('D4', $texts);
        self::assertNotContains('C4', $texts);
        self::assertContains('1.321w', $texts);
        self::assertNotSame([], preg_grep('/ lbf$/', $texts));
        // One that is not there is the last.
        self::assertSame($read('?tuning=1'), $read('?tuning=9'));
    }

    public function test_the_sheet_prints_what_goes_where(): void
    {
        $set = self::keptSet();
        $pdf = $this->get("/sets/{$set->id}/sheet")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $parsed = (new Parser)->parseContent((string) $pdf->getContent());
        $text = (string) preg_replace('/\s+/u', ' ', $parsed->getText());

        self::assertCount(1, $parsed->getPages());
        foreach ([
            'Harbour, down to C',
            'electric guitar, 6 strings, 686 mm',
            'Changes are from Curlew in D',
            'C standard',
            'E♭3',
            '75 N',
            '+6 %',
            'nickel-plated steel',
            '413 N',
            'Slacken strings',
        ] as $words) {
            self::assertStringContainsString($words, $text);
        }
        $imperial = (new Parser)->parseContent(
            (string) $this->get("/sets/{$set->id}/sheet?units=in+gauge-mm+lbf&paper=letter")->getContent(),
        );
        self::assertStringContainsString('0.279 mm', $imperial->getText());
        self::assertStringContainsString('27.008 in', (string) preg_replace('/\s+/u', ' ', $imperial->getText()));
        self::assertStringContainsString('lbf', $imperial->getText());
        self::assertDoesNotMatchRegularExpression('/\d N\b/', $imperial->getText(), 'sentences too are in the reader’s units');
        self::assertEquals([0, 0, 612, 792], $imperial->getPages()[0]->getDetails()['MediaBox'] ?? null);
    }

    public function test_the_sheet_says_how_sure_modelled_densities_are_where_there_are_any(): void
    {
        $said = fn (\stdClass $document): bool => str_contains(
            (string) preg_replace('/\s+/u', ' ', (new Parser)->parseContent((string) $this->get('/sets/'.self::keptSet($document)->id.'/sheet')->getContent())->getText()),
            'Of 100 modelled densities',
        );
        $weighed = (object) ['kg_per_m' => 0.0004, 'source' => 'measured', 'state' => 'strung', 'tolerance' => 0.01];
        $with = static function (int $strings) use ($weighed): \stdClass {
            $document = Documents::harbour();
            $said = is_array($document->strings) ? $document->strings : [];
            foreach ($said as $index => $string) {
                self::assertInstanceOf(\stdClass::class, $string);
                $string->density = $index < $strings ? $weighed : null;
            }

            return $document;
        };
        self::assertTrue($said($with(0)));
        self::assertTrue($said($with(5)), 'one was not weighed');
        self::assertFalse($said($with(6)), 'all of them were');
    }

    public function test_the_sheet_tells_the_capo_and_groups_what_was_found_by_what_to_do(): void
    {
        $document = Documents::harbour();
        $document->tunings = [(object) ['name' => 'High', 'pitches' => ['A4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2'], 'capo' => 2]];
        $set = self::keptSet($document);
        $text = (string) preg_replace(
            '/\s+/u',
            ' ',
            (new Parser)->parseContent((string) $this->get("/sets/{$set->id}/sheet")->getContent())->getText(),
        );

        self::assertStringContainsString('High, capo on fret 2', $text);
        self::assertMatchesRegularExpression('/Choose another string.*string 1 can bear/', $text);
    }

    public function test_the_fit_report_says_what_is_fine_what_to_adjust_and_what_goes_to_a_repairer(): void
    {
        $document = Documents::harbour();
        $document->instrument = (object) [
            'name' => 'Harbour', 'kind' => 'electric-guitar', 'scale' => (object) ['type' => 'single', 'length_mm' => 686],
            'hardware' => (object) [
                'max_total_tension_n' => 900,
                'nut' => (object) ['slots_mm' => [0.3, 0.4, 0.5, 0.8, 1.1, 1.2]],
                'saddle' => (object) ['drop_mm' => 1, 'anchor_distance_mm' => 20],
            ],
        ];
        $set = self::keptSet($document);
        $pdf = $this->get("/sets/{$set->id}/fit")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $parsed = (new Parser)->parseContent((string) $pdf->getContent());
        $text = (string) preg_replace('/\s+/u', ' ', $parsed->getText());

        self::assertCount(1, $parsed->getPages());
        foreach ([
            'Does it fit?',
            'Harbour, down to C on Harbour',
            '0.28 mm in 0.30 mm',
            'see below',
            '2.9°, least 8.0°',
            'was 400 N',
            'at most 900 N',
            'Not measured on this instrument: post hole',
            'qualified repairer',
        ] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertMatchesRegularExpression('/Adjust it yourself .*behind the saddle.* To a qualified repairer .*Nut slot 6/', $text);
        $imperial = (new Parser)->parseContent((string) $this->get("/sets/{$set->id}/fit?units=in+thou+lbf&paper=letter")->getContent());
        self::assertStringContainsString('0.0110 in', $imperial->getText());
        $said = (string) preg_replace('/\s+/u', ' ', $imperial->getText());
        self::assertStringContainsString('Nut slot 6 is 0.0472 in and the string 0.0520 in', $said);
        self::assertDoesNotMatchRegularExpression('/\d (mm|N)\b/', $said);
    }

    public function test_how_it_goes_on_is_printed_step_by_step(): void
    {
        $set = self::keptSet();
        $read = fn (StringSet $set, string $query = ''): string => (string) preg_replace('/\s+/u', ' ', (new Parser)
            ->parseContent((string) $this->get("/sets/{$set->id}/plan{$query}")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->getText());
        $plan = $read($set);

        // What one is used to was felt on another instrument: nothing of it comes off this one.
        self::assertStringContainsString('Harbour, down to C on Harbour, with nothing on it.', $plan);
        self::assertStringNotContainsString('take it off', $plan);
        $pull = round(SetDocument::from(Documents::harbour())->evaluation()->totals[0]->tensionN).' N';
        foreach (['String 6, 52 wound, to C2', 'let 1¼ posts back', 'Never cut under tension', $pull, 'for a qualified repairer', 'How it is done'] as $words) {
            self::assertStringContainsString($words, $plan);
        }
        self::assertStringContainsString('let 1¼ posts back', $read($set, '?units=in+thou+lbf&paper=letter'));

        $document = Documents::harbour();
        $baseline = $document->baseline;
        self::assertInstanceOf(\stdClass::class, $baseline);
        $baseline->instrument = $document->instrument;
        $set = self::keptSet($document);
        self::assertStringContainsString('where Curlew in D is now', $read($set));
        self::assertStringContainsString('String 6: slacken it until it flops', $read($set));
    }

    private static function save(int $revision, \stdClass $document): \stdClass
    {
        return (object) ['revision' => $revision, 'document' => $document];
    }
}
