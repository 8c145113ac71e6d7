<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\StoredSets;
use App\Models\ListString;
use App\Models\MeasuredSample;
use App\Models\Pool;
use App\Models\StringSet;
use App\Models\Supplier;
use Illuminate\Support\Facades\DB;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** The Bench sends what is being designed; its instrument, what was measured and the gauges of a pool are joined to it. */
final class AskedDesignsTest extends FeatureTestCase
{
    public function test_a_design_is_answered_as_the_whole_document_would_be(): void
    {
        $set = self::keptSet();
        MeasuredSample::query()->create([
            'construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauge_nm' => 1_320_800, 'kind' => 'electric-guitar',
            'readings' => ['mass_g' => 8.3, 'mass_resolution_g' => 0.01, 'length_mm' => 1000, 'length_resolution_mm' => 1],
        ]);
        $whole = app(StoredSets::class)->json($set->load('instrument'));
        $whole->name = '';
        self::assertObjectHasProperty('samples', $whole);

        foreach (['evaluations', 'sounds', 'fits', 'reaches'] as $question) {
            $answer = $this->sendJson('POST', "/api/v1/{$question}", $whole)->assertOk()->getContent();
            self::assertJsonStringEqualsJsonString(
                (string) $answer,
                (string) $this->asked($set, $question)->assertOk()->getContent(),
                $question,
            );
        }
        $whole->pool = 'standard';
        $answer = $this->sendJson('POST', '/api/v1/evaluations', $whole)->getContent();
        self::assertJsonStringEqualsJsonString(
            (string) $answer,
            (string) $this->asked($set, 'evaluations', ['pool_id' => null])->getContent(),
        );
    }

    public function test_gauges_are_those_of_the_pool_and_sets_are_chosen_from_them(): void
    {
        $set = self::keptSet();
        $supplier = Supplier::query()->create(['name' => 'Sandbar']);
        foreach ([
            [254_000, 'plain', 'music-wire'],
            [330_200, 'plain', 'music-wire'],
            [914_400, 'round-wound', 'nickel-plated-steel'],
        ] as [$gauge, $construction, $material]) {
            ListString::query()->create([
                'supplier_id' => $supplier->id,
                'code' => "G{$gauge}",
                'construction' => $construction,
                'material' => $material,
                'gauge_nm' => $gauge,
                'words' => '',
            ]);
        }
        $pool = Pool::query()->create(['name' => 'Mine', 'rule' => []]);

        self::assertSame(
            [0.01, 0.013, 0.036],
            array_column((array) $this->asked($set, 'evaluations', ['pool_id' => $pool->id])->json('pool'), 'gauge_in'),
        );
        self::assertNull($this->asked($set, 'evaluations')->json('pool'));
        $aimed = Documents::with('/target', (object) ['profile' => 'equal', 'tension_n' => 70, 'limits' => (object) ['break_share' => 1]]);
        $chosen = (array) $this->asked($set, 'solutions', ['pool_id' => $pool->id], $aimed)->assertOk()->json('solutions.0.strings');
        self::assertCount(6, $chosen);
        foreach (array_column($chosen, 'gauge_in') as $gauge) {
            self::assertContains($gauge, [0.01, 0.013, 0.036]);
        }
        // A pool that was put away meanwhile is still the one it was opened with.
        $pool->delete();
        self::assertCount(3, (array) $this->asked($set, 'evaluations', ['pool_id' => $pool->id])->json('pool'));
    }

    public function test_what_suppliers_pack_is_compared_where_that_is_asked(): void
    {
        $set = self::keptSet();
        $supplier = Supplier::query()->create(['name' => 'Sandbar']);
        $packed = DB::table('list_sets')->insertGetId(['supplier_id' => $supplier->id, 'code' => 'S', 'name' => 'Low six', 'cents' => 900]);
        foreach ([[11, 'plain'], [15, 'plain'], [19, 'plain'], [30, 'round-wound'], [40, 'round-wound'], [52, 'round-wound']] as $index => [$gauge, $construction]) {
            $string = ListString::query()->create([
                'supplier_id' => $supplier->id, 'code' => "G{$gauge}", 'construction' => $construction, 'gauge_nm' => $gauge * 25_400,
                'material' => $construction === 'plain' ? 'music-wire' : 'nickel-plated-steel', 'words' => '',
            ]);
            DB::table('list_set_strings')->insert(['list_set_id' => $packed, 'position' => $index + 1, 'list_string_id' => $string->id]);
        }
        $aimed = static fn (array $besides): \stdClass => Documents::with('/target', (object) ($besides + ['profile' => 'baseline']));

        $answer = $this->asked($set, 'solutions', [], $aimed(['sets' => 'standard']))->assertOk();
        self::assertSame('Sandbar, Low six', $answer->json('packaged.0.name'));
        self::assertSame([], $this->asked($set, 'solutions', [], $aimed([]))->assertOk()->json('packaged'));
        DB::table('list_sets')->update(['archived_at' => now()]);
        $others = (array) $this->asked($set, 'solutions', [], $aimed(['sets' => 'standard']))->assertOk()->json('packaged');
        self::assertNotContains('Sandbar, Low six', array_column($others, 'name'));
    }

    public function test_figures_that_are_known_are_left_out_where_that_is_asked(): void
    {
        $set = self::keptSet();
        $whole = (array) $this->asked($set, 'evaluations')->json();
        self::assertArrayHasKey('baseline', $whole);

        self::assertEquals(array_diff_key($whole, ['baseline' => 1]), $this->asked($set, 'evaluations', ['lean' => true])->json());
    }

    public function test_a_conversion_comes_with_its_instrument(): void
    {
        $set = self::keptSet();
        $design = Documents::with('/conversion', (object) ['to' => 'lower', 'semitones' => 2]);

        self::assertSame(
            $set->instrument->name,
            $this->asked($set, 'conversions', [], $design)->assertOk()->json('document.instrument.name'),
        );
    }

    public function test_a_save_answers_revision_and_time(): void
    {
        $set = self::keptSet();

        $answer = $this
            ->sendJson('PUT', "/sets/{$set->id}", (object) ['revision' => 1, 'document' => Documents::with('/strings/0/gauge_in', 0.012)])
            ->assertOk();
        self::assertSame(['revision', 'savedAt'], array_keys((array) $answer->json()));
        self::assertSame(2, $answer->json('revision'));
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_joined_is_said(array $changed, string $path, string $words): void
    {
        self::assertLiraError($this->asked(self::keptSet(), 'evaluations', $changed), 422, $path, $words);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no design' => [['design' => 3], '/design', 'Send the design'];
        yield 'no instrument' => [['instrument_id' => null], '/instrument_id', 'no such instrument'];
        yield 'an instrument that is not there' => [['instrument_id' => 999], '/instrument_id', 'no such instrument'];
        yield 'a pool that is not there' => [['pool_id' => 999], '/pool_id', 'no such pool'];
        yield 'a string that cannot be' => [['design' => Documents::with('/strings/2/gauge_in', 9)], '/strings/2', 'outside'];
    }

    /**
     * @param  array<string, mixed>  $besides
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function asked(
        StringSet $set,
        string $question,
        array $besides = [],
        ?\stdClass $design = null,
    ): \Illuminate\Testing\TestResponse {
        $design ??= Json::object(Json::text($set->document));
        unset($design->instrument);

        return $this->sendJson(
            'POST',
            "/api/v1/bench/{$question}",
            (object) ($besides + ['instrument_id' => $set->instrument_id, 'design' => $design]),
        );
    }
}
