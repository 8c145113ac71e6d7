<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Models\ListString;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\MovementKind;
use App\Models\Pool;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\Supplier;
use App\Strings\Drawer\Drawer;
use App\Strings\Pools\Pools;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Stock and pools. */
final class DrawerTest extends FeatureTestCase
{
    public function test_what_is_put_in_taken_and_counted_adds_up_in_the_history(): void
    {
        $string = self::listed('GW-11', 'plain', 'music-wire', 0.011);
        $this->postJson('/strings/drawer/lots', ['string' => $string->id, 'quantity' => 10, 'cents' => 95, 'note' => 'a box'])
            ->assertCreated()->assertJson(['quantity' => 10]);
        $lot = Lot::query()->sole();
        $this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 3, 'note' => 'Curlew'])->assertOk()
            ->assertJson(['quantity' => 7]);
        $this->postJson("/strings/drawer/lots/{$lot->id}/count", ['counted' => 5, 'seen' => 7, 'reason' => 'two kinked'])->assertOk()
            ->assertJson(['quantity' => 5]);

        $history = $this->getJson("/strings/drawer/lots/{$lot->id}/movements")->assertOk();
        $said = static fn (string $key): array => array_column((array) $history->json(), $key);
        self::assertSame(
            [[-2, -3, 10], ['counted', 'used', 'added'], ['two kinked', 'Curlew', 'a box']],
            [$said('change'), $said('kind'), $said('note')],
        );
        self::assertSame($lot->refresh()->quantity, (int) Movement::query()->sum('change'));
        $this->get('/strings/drawer')->assertInertia(static fn (AssertableInertia $page) => $page->component('strings/DrawerPage')
            ->where('contents.0.quantity', 5)->where('contents.0.least', null)->where('contents.0.lots.0.name', 'GW-11'));
        self::assertSame(5, $this->getJson('/strings/search?drawer=1')->json('rows.0.drawer'));
    }

    public function test_nothing_goes_below_zero_and_what_somebody_else_changed_is_told(): void
    {
        $lot = self::lot(2);

        self::assertLiraError($this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 3]), 409, '', 'only 2, not 3');
        $this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 2])->assertOk();
        self::assertLiraError($this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 1]), 409, '', 'none left');
        self::assertLiraError(
            $this->postJson("/strings/drawer/lots/{$lot->id}/count", ['counted' => 9, 'seen' => 2, 'reason' => 'found']),
            409,
            '',
            'it says 0 now',
        );
        self::assertLiraError(
            $this->postJson("/strings/drawer/lots/{$lot->id}/count", ['counted' => 9, 'seen' => 0]),
            422,
            '/reason',
            'Say why it differs',
        );
        self::assertLiraError($this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 0]), 422, '/quantity', '1 or more');
        self::assertLiraError(
            $this->postJson('/strings/drawer/lots', ['string' => 999, 'quantity' => 1]),
            422,
            '/string',
            'Choose which string',
        );
        self::assertSame([0, -2], [$lot->refresh()->quantity, (int) Movement::query()->sum('change')]);
    }

    /** Both read the same lot before either writes; only what is there can be taken. */
    public function test_two_at_once_take_no_more_than_there_is(): void
    {
        $lot = self::lot(5);
        $stale = Lot::query()->findOrFail($lot->id);
        $answers = [];
        for ($hand = 0; $hand < 4; $hand++) {
            $answers[] = $this->postJson("/strings/drawer/lots/{$stale->id}/take", ['quantity' => 2])->getStatusCode();
        }

        self::assertSame([200, 200, 409, 409], $answers);
        self::assertSame(1, $lot->refresh()->quantity);
        self::assertSame(5, $stale->quantity, 'the second hand still believes what it read');
    }

    /** @return iterable<string, array{int, int, int}> there when it is used, kept, and so taken */
    public static function kept(): iterable
    {
        yield 'all of what is kept' => [5, 3, 3];
        yield 'just so many' => [3, 3, 3];
        yield 'fewer were counted meanwhile' => [2, 3, 2];
        yield 'none is left' => [0, 3, 0];
    }

    #[DataProvider('kept')]
    public function test_of_what_is_kept_what_is_there_is_used_and_just_that_comes_back(int $there, int $kept, int $taken): void
    {
        $lot = self::lot($there);
        $reservation = Reservation::query()->create(['lot_id' => $lot->id, 'quantity' => $kept, 'status' => ReservationStatus::Kept]);
        $moved = static fn (): array => Movement::query()->where('kind', '!=', MovementKind::Added)->orderBy('id')->get()
            ->map(static fn (Movement $each): array => [$each->change, $each->kind, $each->note])->all();

        app(Drawer::class)->useKept($reservation, 'for Curlew');
        self::assertSame([$there - $taken, $taken, ReservationStatus::Used], [$lot->refresh()->quantity, $reservation->refresh()->taken, $reservation->status]);
        self::assertEquals($taken === 0 ? [] : [[-$taken, MovementKind::Used, 'for Curlew']], $moved());

        app(Drawer::class)->putBack($reservation->refresh(), 'by mistake');
        self::assertSame([$there, 0, ReservationStatus::Kept], [$lot->refresh()->quantity, $reservation->refresh()->taken, $reservation->status]);
        self::assertEquals($taken === 0 ? [] : [[-$taken, MovementKind::Used, 'for Curlew'], [$taken, MovementKind::Returned, 'by mistake']], $moved());
    }

    public function test_what_should_be_there_is_kept_for_a_make_and_gauge(): void
    {
        self::lot(2);
        $kind = ['construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 279_400];
        foreach ([[null, 4], [4, 6]] as [$seen, $least]) {
            $this->putJson('/strings/drawer/levels', $kind + ['least' => $least, 'seen' => $seen])->assertOk();
        }
        self::assertLiraError($this->putJson('/strings/drawer/levels', $kind + ['least' => 9, 'seen' => 4]), 409, '', 'changed elsewhere');
        $this->get('/strings/drawer')->assertInertia(static fn (AssertableInertia $page) => $page->where('contents.0.least', 6));
        $this->putJson('/strings/drawer/levels', $kind + ['least' => null, 'seen' => 6])->assertOk();
        self::assertSame(0, DB::table('stock_levels')->count());
        self::assertLiraError(
            $this->putJson('/strings/drawer/levels', $kind + ['least' => -1, 'seen' => null]),
            422,
            '/least',
            '0 or more',
        );
    }

    public function test_a_pool_follows_its_rule(): void
    {
        $first = self::listed('A-11', 'plain', 'music-wire', 0.011, 120);
        $cheaper = self::listed('B-11', 'plain', 'music-wire', 0.011, 90, 'Other Shore');
        self::listed('A-105', 'plain', 'music-wire', 0.0105);
        self::listed('A-46', 'round-wound', 'pure-nickel', 0.046);
        $gauges = function (array $rule): array {
            Pool::query()->forceDelete();
            $this->postJson('/strings/pools', ['name' => 'Mine', 'rule' => $rule])->assertCreated();

            return array_map(
                static fn (\stdClass $string): mixed => data_get($string, 'gauge_in'),
                app(Pools::class)->strings(Pool::query()->sole()),
            );
        };

        self::assertSame([0.0105, 0.011, 0.046], $gauges([]));
        self::assertSame([0.011], $gauges(['suppliers' => [$cheaper->supplier_id]]));
        self::assertSame([0.046], $gauges(['families' => ['round-wound pure-nickel']]));
        self::assertSame([0.011, 0.046], $gauges(['half_gauges' => false]));
        self::assertSame([], $gauges(['drawer' => true]));
        self::lot(1, $first);
        self::assertSame([0.011], $gauges(['drawer' => true]));
    }

    public function test_the_bench_shows_and_carries_what_the_pool_s_supplier_says(): void
    {
        $string = self::listed('A-12', 'plain', 'music-wire', 0.012);
        $string->update(['kg_per_m' => 0.00058]);
        $pool = Pool::query()->create(['name' => 'Mine', 'rule' => []]);
        $set = self::keptSet();
        $this->putJson("/sets/{$set->id}/pool", ['pool' => $pool->id, 'seen' => null])->assertOk();

        $this->get("/bench/{$set->id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('pool', $pool->id)->where('pools.0.name', 'Mine')->has('evaluation.pool', 1)
            ->where('evaluation.pool.0.density.kg_per_m', 0.00058)->where('evaluation.pool.0.density.source', 'supplied'));
        self::assertLiraError($this->putJson("/sets/{$set->id}/pool", ['pool' => null, 'seen' => null]), 409, '', 'changed elsewhere');
        $this->putJson("/sets/{$set->id}/pool", ['pool' => null, 'seen' => $pool->id])->assertOk();
        $this->get("/bench/{$set->id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('pool', null));
        self::assertLiraError($this->putJson("/sets/{$set->id}/pool", ['pool' => 99, 'seen' => null]), 422, '/pool', 'no such pool');
        $this->putJson("/sets/{$set->id}/pool", ['pool' => $pool->id, 'seen' => null])->assertOk();
        self::assertLiraError($this->deleteJson("/strings/pools/{$pool->id}"), 422, '/revision', 'Say which revision');
        $this->deleteJson("/strings/pools/{$pool->id}?revision=1")->assertOk();
        $this->get("/bench/{$set->id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('pool', null));
        $this->postJson("/strings/pools/{$pool->id}/unarchive")->assertOk();
        $this->get("/bench/{$set->id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('pool', $pool->id));
    }

    public function test_pools_are_named_once(): void
    {
        $this->postJson('/strings/pools', ['name' => 'Mine', 'rule' => []])->assertCreated();
        self::assertLiraError(
            $this->postJson('/strings/pools', ['name' => 'Mine', 'rule' => []]),
            422,
            '/name',
            'There is a pool of that name',
        );
        $id = Pool::query()->sole()->id;
        $this->putJson("/strings/pools/{$id}", ['name' => 'Mine', 'rule' => ['drawer' => true], 'revision' => 1])->assertOk()
            ->assertJson(['revision' => 2]);
        self::assertLiraError(
            $this->putJson("/strings/pools/{$id}", ['name' => 'Theirs', 'rule' => [], 'revision' => 1]),
            409,
            '',
            'changed elsewhere',
        );
        self::assertLiraError(
            $this->putJson("/strings/pools/{$id}", ['name' => 'Mine', 'rule' => 'everything', 'revision' => 2]),
            422,
            '/rule',
            'by suppliers',
        );
        self::assertLiraError(
            $this->putJson("/strings/pools/{$id}", ['name' => 'Mine', 'rule' => ['all' => true], 'revision' => 2]),
            422,
            '/rule',
            'by suppliers',
        );
        $this->get('/strings/pools')->assertInertia(
            static fn (AssertableInertia $page) => $page->where('pools.0.rule.drawer', true)->where('pools.0.gauges', 0),
        );
        // A name that was given up is free again.
        $this->deleteJson("/strings/pools/{$id}?revision=2")->assertOk();
        $this->postJson('/strings/pools', ['name' => 'Mine', 'rule' => []])->assertCreated();
    }

    private static function listed(
        string $code,
        string $construction,
        string $material,
        float $gauge,
        ?int $cents = null,
        string $supplier = 'Sandbar',
    ): ListString {
        return ListString::query()->create([
            'supplier_id' => Supplier::query()->firstOrCreate(['name' => $supplier])->id, 'code' => $code, 'construction' => $construction,
            'material' => $material, 'gauge_nm' => (int) round($gauge * 25_400_000), 'cents' => $cents, 'words' => mb_strtolower($code),
        ]);
    }

    private static function lot(int $quantity, ?ListString $string = null): Lot
    {
        return Lot::query()->create([
            'list_string_id' => $string?->id,
            'name' => 'Plain 11',
            'construction' => 'plain',
            'material' => 'music-wire',
            'gauge_nm' => 279_400,
            'quantity' => $quantity,
        ]);
    }
}
