<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Bench\StoredSets;
use App\Models\ListString;
use App\Models\MeasuredSample;
use App\Models\Pool;
use App\Models\Supplier;
use App\Strings\Pools\Pools;
use Inertia\Testing\AssertableInertia;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** Weighing a string, and what it changes. */
final class SamplesTest extends FeatureTestCase
{
    private const WEIGHED = ['mass_g' => 6.80, 'mass_resolution_g' => 0.01, 'length_mm' => 1000, 'length_resolution_mm' => 1];

    public function test_a_weighed_string_says_its_density_how_sure_it_is_and_how_far_the_model_was_off(): void
    {
        $result = $this->postJson('/strings/samples/weigh', self::sample())->assertOk();

        self::assertEqualsWithDelta(6.80e-3, $result->json('kg_per_m'), 1e-12);
        self::assertEqualsWithDelta(hypot(0.01 / 6.80, 0.001), $result->json('tolerance'), 1e-9);
        $modelled = $result->json('modelled_kg_per_m');
        self::assertIsFloat($modelled);
        self::assertEqualsWithDelta(6.80e-3 / $modelled, $result->json('ratio'), 1e-9);
        self::assertSame(0, MeasuredSample::query()->count(), 'weighing keeps nothing');
    }

    public function test_a_family_is_shown_as_it_is_modelled_before_anything_of_it_was_measured(): void
    {
        $of = ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'kind' => 'electric-guitar'];
        $bare = $this->postJson('/strings/samples/family', $of)->assertOk()->assertJsonPath('samples', [])->assertJsonPath('correction', null);
        $model = (array) $bare->json('model');
        self::assertGreaterThan(10, count($model));
        $gauges = array_map(self::number(...), array_column($model, 'gauge_in'));
        self::assertSame([0.017, 0.09], [$gauges[0] ?? null, $gauges[count($gauges) - 1] ?? null]);
        foreach ($model as $of46) {
            if (abs(self::number(data_get($of46, 'gauge_in')) - 0.046) < 0.003) {
                // Wound on steel: 5 % of the family, and 0.02 mm of its diameter.
                self::assertEqualsWithDelta(hypot(0.05, 0.02 / (25.4 * self::number(data_get($of46, 'gauge_in')))), data_get($of46, 'tolerance'), 1e-9);
            }
        }

        $this->postJson('/strings/samples', self::sample())->assertCreated();
        $known = $this->postJson('/strings/samples/family', $of)->assertOk()->assertJsonCount(1, 'samples')->assertJsonPath('correction.samples', 1);
        self::assertSame([0.017, 0.09], [$known->json('correction.line.0.gauge_in'), $known->json('correction.line.16.gauge_in')]);
        // Other strings know nothing of it.
        $this->postJson('/strings/samples/family', ['kind' => 'bass'] + $of)->assertOk()->assertJsonPath('samples', []);
        $this->postJson('/strings/samples/family', ['material' => 'polyurethane'] + $of)->assertOk()->assertJsonPath('model', []);
        $this->postJson('/strings/samples/family', ['construction' => 'plain', 'material' => 'phosphor-bronze'] + $of)->assertStatus(422);
        self::assertLiraError($this->postJson('/strings/samples/family', ['kind' => 'spoon'] + $of), 422, '/kind', 'what instrument');
    }

    public function test_sounded_under_a_weight_it_comes_to_the_same(): void
    {
        // T = μ (2 L f)²: 6.8 g/m over 600 mm at 98 Hz takes 94.05 N.
        $load = 6.80e-3 * (2 * 0.6 * 98.0) ** 2;
        $readings = [
            'load_n' => round($load, 2),
            'load_resolution_n' => 0.1,
            'frequency_hz' => 98.0,
            'frequency_resolution_hz' => 0.1,
            'length_mm' => 600,
            'length_resolution_mm' => 1,
        ];
        $result = $this->postJson('/strings/samples/weigh', self::sample($readings))->assertOk();

        // At rest it is a little heavier than stretched, and stiff: between clamps it sounds half a per cent sharp of its mass.
        self::assertEqualsWithDelta(1.0146, self::number($result->json('kg_per_m')) / 6.80e-3, 0.003);
        self::assertEqualsWithDelta(sqrt((0.1 / $load) ** 2 + (2 * 0.1 / 98) ** 2 + (2 / 600) ** 2), $result->json('tolerance'), 1e-6);
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('bad')]
    public function test_readings_that_cannot_be_are_refused(array $changed, string $words): void
    {
        $answer = $this->postJson('/strings/samples', array_replace(self::sample(), $changed));
        $answer->assertStatus(422);
        self::assertStringContainsString($words, (string) json_encode($answer->json(), JSON_UNESCAPED_UNICODE));
        self::assertSame(0, MeasuredSample::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no gauge' => [['gauge_nm' => null], 'Give the gauge'];
        yield 'words' => [['readings' => ['mass_g' => 'heavy']], 'as numbers'];
        yield 'no length' => [['readings' => ['mass_g' => 1, 'mass_resolution_g' => 0.1]], 'Missing: the length'];
        yield 'a scale too coarse' => [
            ['readings' => ['mass_g' => 1.0, 'mass_resolution_g' => 1.0, 'length_mm' => 100, 'length_resolution_mm' => 1]],
            'mass',
        ];
    }

    public function test_a_family_is_corrected_by_its_samples_and_a_bad_one_is_set_aside(): void
    {
        $this->postJson('/strings/samples', self::sample())->assertCreated();
        $this->postJson('/strings/samples', ['gauge_nm' => 914_400] + self::sample(['mass_g' => 9.9] + self::WEIGHED))->assertCreated();
        $bad = MeasuredSample::query()->where('gauge_nm', 914_400)->sole();
        $factor = function (): float {
            $families = $this->get('/strings/measured')->assertOk()->inertiaProps('families');

            return self::number(data_get($families, '0.correction.line.6.factor'));
        };
        $both = $factor();
        $this->delete("/strings/samples/{$bad->id}")->assertOk();
        $one = $factor();
        self::assertNotEqualsWithDelta($both, $one, 0.01);
        $this->get('/strings/measured')->assertInertia(static fn (AssertableInertia $page) => $page->component('strings/MeasuredPage')
            ->has('families.0.samples', 2)->where('families.0.samples.0.set_aside', true)->where('families.0.correction.samples', 1));
        $this->post("/strings/samples/{$bad->id}/unarchive")->assertOk();
        self::assertEqualsWithDelta($both, $factor(), 1e-12);
    }

    public function test_what_was_measured_sharpens_every_design_and_stays_out_of_what_is_kept(): void
    {
        $set = self::keptSet();
        $tolerance = fn (): float => self::number(data_get(
            Json::object((string) $this
                ->sendJson('POST', '/api/v1/evaluations', app(StoredSets::class)->json($set->refresh()->load('instrument')))->getContent()),
            'strings.5.density.high',
        ));
        $before = $tolerance();
        $this->postJson('/strings/samples', self::sample())->assertCreated();
        self::assertLessThan($before, $tolerance());

        $document = Json::object((string) $this->get("/sets/{$set->id}/export")->assertOk()->getContent());
        self::assertTrue(data_get($document, 'samples.0.workshop'));
        $this->sendJson('PUT', "/sets/{$set->id}", (object) ['document' => $document, 'revision' => 1])->assertOk();
        self::assertFalse(isset($set->refresh()->document->samples));
        // Elsewhere it counts as it came; here a set with samples of its own keeps to them.
        $own = Documents::with(
            '/samples',
            [(object) [
                'construction' => 'plain',
                'material' => 'music-wire',
                'gauge_in' => 0.011,
                'mass_g' => 0.49,
                'mass_resolution_g' => 0.01,
                'length_mm' => 1000,
                'length_resolution_mm' => 1,
            ]],
        );
        $kept = self::keptSet($own);
        self::assertCount(1, (array) (app(StoredSets::class)->json($kept)->samples ?? []));
        self::assertTrue(isset($kept->document->samples));
    }

    public function test_a_core_that_was_bared_is_kept_and_known_from_then_on(): void
    {
        $set = self::keptSet(Documents::with('/strings/5/gauge_in', 0.046));
        $sixth = fn (): mixed => data_get(Json::object((string) $this
            ->sendJson('POST', '/api/v1/evaluations', app(StoredSets::class)->json($set->refresh()->load('instrument')))->getContent()), 'strings.5');
        self::assertFalse(data_get($sixth(), 'core_known'));
        $core = ['shape' => 'hex', 'material' => 'music-wire', 'size_mm' => 0.44];

        $this->postJson('/strings/samples', ['core' => ['size_mm' => 0] + $core] + self::sample())->assertStatus(422)
            ->assertSee('Give the bared core as its shape, its material and its size in mm.', escape: false);
        $this->postJson('/strings/samples', ['core' => ['size_mm' => 2] + $core] + self::sample())->assertStatus(422);
        self::assertSame(0, MeasuredSample::query()->count());
        $this->postJson('/strings/samples', ['core' => $core] + self::sample())->assertCreated();

        self::assertTrue(data_get($sixth(), 'core_known'));
        self::assertEqualsWithDelta(0.44, data_get($sixth(), 'core_diameter_mm'), 1e-9);
        $share = (array) data_get($sixth(), 'tunings.0.break_share');
        // What wire of one size really bears is all that is left.
        self::assertEqualsWithDelta(1.06 / 0.94, self::number($share['high']) / self::number($share['low']), 1e-9);
        $this->get('/strings/measured')->assertInertia(static fn (AssertableInertia $page) => $page->where('families.0.samples.0.core_mm', 0.44));
    }

    public function test_what_was_weighed_beats_what_a_list_says(): void
    {
        $string = ListString::query()->create([
            'supplier_id' => Supplier::query()->create(['name' => 'Sandbar'])->id,
            'code' => 'A',
            'construction' => 'round-wound',
            'material' => 'nickel-plated-steel',
            'gauge_nm' => 1_168_400,
            'kg_per_m' => 0.0071,
            'words' => 'a',
        ]);
        $this->postJson('/strings/samples', self::sample())->assertCreated();

        $this->getJson("/strings/{$string->id}")->assertJsonPath('density.source', 'measured');
        self::assertEqualsWithDelta(
            6.80e-3,
            data_get(app(Pools::class)->strings(Pool::query()->create(['name' => 'All', 'rule' => []])), '0.density.kg_per_m'),
            1e-12,
        );
    }

    /**
     * @param  array<string, float|int>  $readings
     * @return array<string, mixed>
     */
    private static function sample(array $readings = self::WEIGHED): array
    {
        return [
            'construction' => 'round-wound',
            'material' => 'nickel-plated-steel',
            'kind' => 'electric-guitar',
            'gauge_nm' => 1_168_400,
            'readings' => $readings,
            'note' => 'from the drawer',
        ];
    }

    private static function number(mixed $value): float
    {
        self::assertIsNumeric($value);

        return (float) $value;
    }
}
