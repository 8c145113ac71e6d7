<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Models\ListString;
use App\Models\Supplier;
use App\Strings\Catalogue\StringCatalogue;
use Database\Seeders\SaltmarshSupply;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class StringsTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withDemo();
    }

    public function test_three_made_up_makers_list_several_hundred_strings_and_the_same_each_time(): void
    {
        self::assertSame(3, Supplier::query()->count());
        self::assertGreaterThan(400, ListString::query()->count());
        $masses = static fn (): array => DB::table('list_strings')->orderBy('id')->pluck('kg_per_m', 'code')->all();
        $first = $masses();
        foreach (['movements', 'lots', 'pools', 'suppliers'] as $table) {
            DB::table($table)->delete();
        }
        self::assertSame(0, ListString::query()->count());
        SaltmarshSupply::seed();
        self::assertSame($first, $masses());
        $this->get('/strings')->assertInertia(
            static fn (AssertableInertia $page) => $page->component('strings/StringsPage')->has('suppliers', 3),
        );
    }

    public function test_strings_are_found_by_words_and_filters_some_hundred_at_a_time(): void
    {
        $all = $this->getJson('/strings/search')->assertOk();
        self::assertSame(ListString::query()->count(), $all->json('total'));
        self::assertCount(StringCatalogue::AT_A_TIME, (array) $all->json('rows'));
        $next = $this->getJson('/strings/search?offset='.StringCatalogue::AT_A_TIME);
        self::assertNotSame($all->json('rows.0.id'), $next->json('rows.0.id'));

        $found = $this->getJson('/strings/search?'.http_build_query(['for' => 'DUNE phosphor', 'from' => '762000', 'to' => '1016000']));
        self::assertSame(6, $found->json('total'));
        self::assertSame(['phosphor-bronze'], self::distinct($found, 'material'));
        $one = $this->getJson('/strings/search?construction=plain&material=music-wire&from=266700&to=266700');
        self::assertSame([266_700], self::distinct($one, 'gauge_nm'));
        self::assertSame(0, $this->getJson('/strings/search?for='.urlencode('100 %'))->json('total'));
        $supplier = Supplier::query()->where('name', 'Fathom Bass Strings')->sole();
        self::assertSame($supplier->strings()->count(), $this->getJson("/strings/search?supplier={$supplier->id}")->json('total'));
        $prices = array_column((array) $this->getJson('/strings/search?order=price')->json('rows'), 'cents');
        $sorted = $prices;
        sort($sorted);
        self::assertSame($sorted, $prices);
    }

    public function test_a_string_s_sheet_says_how_it_is_built_what_it_weighs_and_what_it_suits(): void
    {
        $string = ListString::query()->where('name', 'Bright wound 46')->sole();
        $sheet = $this->getJson("/strings/{$string->id}?scale_mm=648")->assertOk();

        $sheet->assertJsonPath('section.core', ['shape' => 'hex', 'size_mm' => 0.4572])->assertJsonPath('density.source', 'supplied');
        self::assertEqualsWithDelta(46 * 0.0254, $sheet->json('section.outer_mm'), 1e-3);
        self::assertEqualsWithDelta([46 * 0.0254], $sheet->json('section.layers_mm'), 1e-3);
        self::assertLessThan(0.06, abs($this->number($sheet->json('density.off'))));
        self::assertSame('B1', $sheet->json('suits.low'));
        $longer = $this->getJson("/strings/{$string->id}?scale_mm=686");
        self::assertLessThan($this->number($sheet->json('suits.low_hz')), $this->number($longer->json('suits.low_hz')));
        self::assertContains('Curlew, E standard', array_column((array) $sheet->json('uses'), 'name'));
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('bad')]
    public function test_a_supplier_that_cannot_be_used_is_refused(array $changed, string $path, string $words): void
    {
        $good = ['name' => 'Sandbar', 'currency' => 'EUR', 'shipping_cents' => 500, 'free_from_cents' => null, 'lead_days' => 2];
        self::assertLiraError($this->postJson('/strings/suppliers', array_replace($good, $changed)), 422, $path, $words);
        $this->postJson('/strings/suppliers', $good)->assertCreated();
        $id = Supplier::query()->where('name', 'Sandbar')->sole()->id;
        $this->putJson("/strings/suppliers/{$id}", array_replace($good, ['lead_days' => 9, 'revision' => 1]))->assertOk();
        self::assertSame(9, Supplier::query()->findOrFail($id)->lead_days);
        $this->get('/strings/suppliers')->assertInertia(
            static fn (AssertableInertia $page) => $page->component('strings/SuppliersPage')->has('suppliers', 4),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield 'no name' => [['name' => ''], '/name', 'Give the supplier a name'];
        yield 'a name that is taken' => [['name' => 'Gullwing Wire'], '/name', 'There is a supplier of that name'];
        yield 'no currency' => [['currency' => 'shells'], '/currency', 'three capital letters'];
        yield 'negative shipping' => [['shipping_cents' => -1], '/shipping_cents', '0 or more'];
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return list<mixed>
     */
    private static function distinct(TestResponse $answer, string $key): array
    {
        $values = [];
        foreach (array_column((array) $answer->json('rows'), $key) as $value) {
            if (! in_array($value, $values, true)) {
                $values[] = $value;
            }
        }

        return $values;
    }

    private function number(mixed $value): float
    {
        self::assertIsNumeric($value);

        return (float) $value;
    }
}
