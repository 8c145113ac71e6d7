<?php

declare(strict_types=1);

namespace Tests\Feature\Instruments;

use App\Models\Instrument;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class InstrumentsTest extends FeatureTestCase
{
    #[DataProvider('scales')]
    public function test_an_instrument_is_added_with_any_form_of_scale(string $scale, float $first, float $last): void
    {
        $this->sendJson('POST', '/instruments', self::sheet($scale))->assertCreated();

        $this->get('/instruments')->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('instruments/InstrumentsPage')
            ->where('instruments.0.name', 'Plover')
            ->where('instruments.0.lengths_mm.0', static fn (int|float $length): bool => abs($length - $first) < 1e-6)
            ->where('instruments.0.lengths_mm.1', static fn (int|float $length): bool => abs($length - $last) < 1e-6)
            ->where('instruments.0.sets', 0));
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function scales(): iterable
    {
        yield 'single' => ['{"type": "single", "length_mm": 648}', 648.0, 648.0];
        yield 'half' => ['{"type": "half", "nut_to_twelfth_mm": 324.5}', 649.0, 649.0];
        yield 'multiscale' => ['{"type": "multiscale", "treble_mm": 635, "bass_mm": 673}', 635.0, 673.0];
        yield 'each' => ['{"type": "each", "lengths_mm": [640, 641, 642, 643, 644, 645]}', 640.0, 645.0];
    }

    public function test_the_list_names_the_last_set_of_each_without_asking_for_each(): void
    {
        $set = self::keptSet();
        $name = $set->instrument->name;
        foreach (range(1, 5) as $_) {
            $this->sendJson('POST', "/instruments/{$set->instrument_id}/duplicate", '{}')->assertCreated();
        }
        DB::enableQueryLog();
        $this->get('/instruments')->assertInertia(static fn (AssertableInertia $page) => $page
            ->has('instruments', 6)
            ->where('instruments.0.lengths_mm', [686, 686])
            ->where('instruments.0.last.name', $set->name)
            ->where('instruments.1.name', $name.', copy')
            ->where('instruments.1.last', null));
        // One for the list with everything in it, one that counts what was put away.
        self::assertCount(
            2,
            array_filter(DB::getQueryLog(), static fn (array $query): bool => str_contains($query['query'], 'from "instruments"')),
        );

        $copy = Instrument::query()->latest('id')->firstOrFail();
        self::assertEquals($set->instrument->document->hardware ?? null, $copy->document->hardware ?? null);
    }

    public function test_an_instrument_is_given_as_set_documents_carry_it(): void
    {
        $instrument = self::keptInstrument();

        $answer = $this->getJson("/instruments/{$instrument->id}/document")->assertOk();
        self::assertEquals($instrument->document, Json::object((string) $answer->getContent()));
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_used_is_refused_where_it_was_typed(string $body, string $path, string $words): void
    {
        self::assertLiraError($this->sendJson('POST', '/instruments', $body), 422, $path, $words);
        self::assertSame(0, Instrument::query()->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bad(): iterable
    {
        $single = '{"type": "single", "length_mm": 648}';
        yield 'no name' => [str_replace('Plover', ' ', self::sheet($single)), '/document/name', 'Give the instrument a name'];
        yield 'a length of zero' => [self::sheet('{"type": "single", "length_mm": 0}'), '/scale/length_mm', 'outside 100 to 2000'];
        yield 'no strings' => [str_replace('"strings":6', '"strings":0', self::sheet($single)), '/strings', '1 to 14'];
        yield 'lengths for another number' => [
            self::sheet('{"type": "each", "lengths_mm": [640]}'),
            '/scale/lengths_mm',
            '1 lengths for 6 strings',
        ];
        yield 'unknown kind' => [str_replace('electric-guitar', 'lyre', self::sheet($single)), '/kind', 'electric-guitar'];
        yield 'nothing' => ['{}', '/document', 'missing'];
    }

    public function test_a_changed_instrument_changes_its_sets_and_keeps_what_it_does_not_show(): void
    {
        $set = self::keptSet();
        $document = clone $set->instrument->document;
        $document->scale = (object) ['type' => 'single', 'length_mm' => 690];
        $body = (object) ['document' => $document, 'strings' => 6, 'revision' => 1];

        $this->sendJson('PUT', "/instruments/{$set->instrument_id}", $body)->assertOk()->assertJson(['revision' => 2]);
        $exported = Json::object((string) $this->get("/sets/{$set->id}/export")->getContent());
        self::assertSame(690, data_get($exported, 'instrument.scale.length_mm'));
        self::assertSame(900, data_get($exported, 'instrument.hardware.max_total_tension_n'));
        self::assertLiraError($this->sendJson('PUT', "/instruments/{$set->instrument_id}", $body), 409, '', 'changed elsewhere');
    }

    public function test_the_number_of_strings_stays_while_sets_depend_on_it(): void
    {
        $set = self::keptSet();
        $body = (object) ['document' => $set->instrument->document, 'strings' => 7, 'revision' => 1];

        self::assertLiraError($this->sendJson('PUT', "/instruments/{$set->instrument_id}", $body), 409, '', 'One set is designed');
        self::assertSame(6, $set->instrument->refresh()->strings);
    }

    public function test_putting_away_keeps_the_sets_and_can_be_taken_back(): void
    {
        $set = self::keptSet();
        $this->delete("/instruments/{$set->instrument_id}")->assertOk();
        self::assertSame(0, Instrument::query()->count());
        $this->get("/bench/{$set->id}")->assertOk();
        $this->post("/instruments/{$set->instrument_id}/unarchive")->assertOk();
        self::assertSame(1, Instrument::query()->count());
    }

    public function test_the_sheet_of_an_instrument_opens(): void
    {
        $set = self::keptSet();
        $this->get("/instruments/{$set->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('instruments/InstrumentPage')->where('sets.0.name', $set->name)->has('photographs', 0)
            ->where('instrument.document.name', 'Harbour')->has('kinds', 14));
        $this->get('/instruments/new')->assertInertia(static fn (AssertableInertia $page) => $page->where('instrument', null));
    }

    private static function sheet(string $scale): string
    {
        return '{"document": {"name": "Plover", "kind": "electric-guitar", "scale": '.$scale.'}, "strings":6}';
    }
}
