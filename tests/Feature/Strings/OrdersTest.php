<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Models\Lot;
use App\Models\Movement;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\OrderStatus;
use App\Models\Reservation;
use App\Models\StringSet;
use App\Models\Supplier;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Smalot\PdfParser\Parser;
use Tests\Feature\FeatureTestCase;

/** From designs to a parcel, and from the parcel into the drawer. */
final class OrdersTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withDemo();
    }

    public function test_the_drawer_is_taken_first_and_the_rest_is_bought_as_cheaply_as_can_be(): void
    {
        $set = self::design('Curlew, E standard');
        $plan = $this->postJson('/strings/orders/plan', ['sets' => [['id' => $set->id]]])->assertOk();
        // The drawer has all of 10, 13, 17, 26, 36 and 46.
        $plan->assertJson(['needed' => 6, 'total_cents' => 0, 'orders' => [], 'missing' => []]);
        self::assertSame(6, (int) array_sum(array_column((array) $plan->json('drawer'), 'count')));

        // A packaged set has five of these six; the first comes by itself.
        $more = $this
            ->postJson('/strings/orders/plan', ['sets' => [['id' => self::design('Curlew, D standard')->id, 'times' => 3, 'spares' => 1]]])
            ->assertOk();
        self::assertSame(24, $more->json('needed'));
        self::assertContains('set', array_column((array) $more->json('orders.0.lines'), 'kind'));
        self::assertTrue($more->json('proven'));
        foreach ((array) $more->json('otherwise') as $way) {
            self::assertIsArray($way);
            self::assertGreaterThanOrEqual($more->json('total_cents'), $way['cents']);
        }
        self::assertSame(0, Order::query()->count(), 'a plan orders nothing');
    }

    public function test_an_order_is_placed_sent_arrives_and_fills_the_drawer(): void
    {
        $set = self::design('Ketch, E standard');
        $asked = ['sets' => [['id' => $set->id, 'times' => 2]]];
        $before = (int) Lot::query()->sum('quantity');
        $plan = $this->postJson('/strings/orders/plan', $asked);
        $drawer = (int) array_sum(array_column((array) $plan->json('drawer'), 'count'));
        $this->place($asked + ['total_cents' => $plan->json('total_cents')])->assertCreated();
        self::assertGreaterThan(0, $drawer);
        self::assertSame($before, (int) Lot::query()->sum('quantity'), 'kept, but not taken out yet');
        self::assertSame($drawer, (int) Reservation::query()->where('status', 'kept')->sum('quantity'));
        $order = Order::query()->sole();
        $strings = (int) OrderLine::query()->get()->sum(static fn (OrderLine $line): int => $line->count * $line->strings);
        self::assertGreaterThanOrEqual(8 - $drawer, $strings);

        $this->postJson("/strings/orders/{$order->id}/send")->assertOk()->assertJson(['status' => 'on its way']);
        self::assertLiraError($this->postJson("/strings/orders/{$order->id}/send"), 409, '', 'This order');
        self::assertNotNull($order->refresh()->due_on);
        for ($parcel = 0; $parcel < 3 && $order->refresh()->status !== OrderStatus::Done; $parcel++) {
            $this->postJson("/strings/orders/{$order->id}/arrive")->assertOk()->assertJson(['status' => 'arrived']);
            $this->postJson("/strings/orders/{$order->id}/receive", ['lines' => []])->assertOk();
        }
        self::assertSame(OrderStatus::Done, $order->refresh()->status);
        self::assertSame($before - $drawer + $strings, (int) Lot::query()->sum('quantity'));
        self::assertLiraError($this->postJson("/strings/orders/{$order->id}/receive"), 409, '', 'This order');
    }

    public function test_what_comes_short_stays_on_its_way(): void
    {
        $order = $this->arrived();
        $line = $order->lines()->firstOrFail();
        $this->postJson("/strings/orders/{$order->id}/receive", ['lines' => [$line->id => 0]])->assertOk()
            ->assertJson(['status' => 'on its way']);
        self::assertSame(0, $line->refresh()->received);
    }

    public function test_more_than_was_ordered_is_not_received_and_the_parcel_stays_to_be_counted(): void
    {
        $order = $this->arrived();
        $line = $order->lines()->firstOrFail();
        $before = (int) Lot::query()->sum('quantity');
        $kept = (int) Reservation::query()->where('status', 'kept')->sum('quantity');
        $counts = $order->lines()->get()->mapWithKeys(static fn (OrderLine $each): array => [$each->id => $each->count])->all();
        $more = $this->postJson("/strings/orders/{$order->id}/receive", ['lines' => [$line->id => $line->count + 1] + $counts]);
        self::assertLiraError($more, 422, "/lines/{$line->id}", 'still to come');
        self::assertSame([OrderStatus::Arrived, $before], [$order->refresh()->status, (int) Lot::query()->sum('quantity')]);

        $this->postJson("/strings/orders/{$order->id}/receive", ['lines' => [$line->id => $line->count - 1] + $counts])->assertOk()->assertJson(['status' => 'on its way']);
        $this->postJson("/strings/orders/{$order->id}/arrive");
        self::assertLiraError($this->postJson("/strings/orders/{$order->id}/receive", ['lines' => [$line->id => 2]]), 422, "/lines/{$line->id}", 'only 1 is');
        $this->postJson("/strings/orders/{$order->id}/receive", ['lines' => [$line->id => 1]])->assertOk()->assertJson(['status' => 'done']);
        $strings = (int) OrderLine::query()->get()->sum(static fn (OrderLine $each): int => $each->count * $each->strings);
        self::assertSame($before - $kept + $strings, (int) Lot::query()->sum('quantity'));
    }

    /** An order for three sets whose parcel is here, still to be counted. */
    private function arrived(): Order
    {
        $this->place(['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 3]]])->assertCreated();
        $order = Order::query()->sole();
        $this->postJson("/strings/orders/{$order->id}/send");
        $this->postJson("/strings/orders/{$order->id}/arrive");

        return $order;
    }

    public function test_the_same_order_fares_alike_and_some_are_late_or_short(): void
    {
        $set = self::design('Ketch, E standard');
        [$late, $short] = [0, 0];
        for ($round = 0; $round < 40; $round++) {
            $this->place(['sets' => [['id' => $set->id]]])->assertCreated();
        }
        foreach (Order::query()->with('supplier')->get() as $order) {
            $this->postJson("/strings/orders/{$order->id}/send");
            $this->postJson("/strings/orders/{$order->id}/arrive");
            $order->refresh();
            $late += $order->due_on?->isAfter(now()->addDays($order->supplier->lead_days)) === true ? 1 : 0;
            $short += $order->lines()->whereColumn('sent', '<', 'count')->exists() ? 1 : 0;
        }

        self::assertGreaterThan(1, $late);
        self::assertLessThan(20, $late);
        self::assertGreaterThan(1, $short);
        self::assertLessThan(20, $short);
    }

    public function test_an_order_goes_out_as_csv_and_on_paper(): void
    {
        $set = self::design('Dunlin, DADGAD');
        $this->place(['sets' => [['id' => $set->id, 'times' => 2]]])->assertCreated();
        $order = Order::query()->orderBy('id')->firstOrFail();
        $line = $order->lines()->firstOrFail();

        $csv = $this->get("/strings/orders/{$order->id}/csv")->assertOk()->streamedContent();
        self::assertStringContainsString($line->code, $csv);
        self::assertCount(2 + $order->lines()->count(), explode("\n", $csv));
        foreach (['a4' => 595, 'letter' => 612] as $paper => $points) {
            $pdf = (new Parser)->parseContent(
                (string) $this->get("/strings/orders/{$order->id}/pdf?paper={$paper}")->assertOk()->getContent(),
            );
            self::assertStringContainsString($line->code, $pdf->getText());
            self::assertStringContainsString('Dunlin, DADGAD', $pdf->getText());
            $box = $pdf->getPages()[0]->getDetails()['MediaBox'] ?? [];
            self::assertIsArray($box);
            self::assertEqualsWithDelta($points, $box[2], 1.0);
        }
    }

    public function test_what_nobody_lists_is_said_and_bad_wishes_are_refused(): void
    {
        $eider = self::design('Eider, elastomer');
        $plan = $this->postJson('/strings/orders/plan', ['sets' => [['id' => $eider->id]]])->assertOk();
        self::assertCount(4, (array) $plan->json('missing'));
        self::assertLiraError($this->postJson('/strings/orders/plan', ['sets' => []]), 422, '/sets', 'at least one set');
        self::assertLiraError(
            $this->postJson('/strings/orders/plan', ['sets' => [['id' => $eider->id, 'times' => 0]]]),
            422,
            '/sets/0/times',
            '1 to 50',
        );
        self::assertLiraError(
            $this->place(['sets' => [['id' => self::design('Ketch, E standard')->id]], 'total_cents' => 1]),
            409,
            '',
            'changed elsewhere',
        );
        self::assertSame(0, Order::query()->count());
        $this->get("/strings/orders?set={$eider->id}")->assertInertia(
            static fn (AssertableInertia $page) => $page->component('strings/OrdersPage')->where('begin.0.name', 'Eider, elastomer'),
        );
    }

    public function test_a_draft_can_be_dropped_but_not_what_is_on_its_way(): void
    {
        $set = self::design('Ketch, E standard');
        $this->place(['sets' => [['id' => $set->id]]]);
        $order = Order::query()->sole();
        $this->postJson("/strings/orders/{$order->id}/send");
        self::assertLiraError($this->deleteJson("/strings/orders/{$order->id}"), 409, '', 'This order');
        $this->place(['sets' => [['id' => $set->id]]]);
        $this->deleteJson('/strings/orders/'.Order::query()->latest('id')->firstOrFail()->id)->assertOk();
        self::assertSame(1, Order::query()->count());
    }

    public function test_placing_the_same_twice_places_it_once(): void
    {
        $asked = ['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 2]], 'key' => 'once-and-no-more'];
        $ids = $this->place($asked)->assertCreated()->json('orders');
        $kept = (int) Reservation::query()->sum('quantity');

        self::assertSame($ids, $this->place($asked)->assertOk()->json('orders'));
        self::assertSame([1, $kept], [Order::query()->count(), (int) Reservation::query()->sum('quantity')]);
        self::assertLiraError($this->place(['key' => 'short'] + $asked), 422, '/key', 'a key of your own making');
    }

    public function test_the_same_sent_at_once_is_placed_once_although_the_first_took_from_the_drawer(): void
    {
        $sets = ['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 2]]];
        $seen = $this->postJson('/strings/orders/plan', $sets)->assertOk()->json('total_cents');
        $asked = $sets + ['key' => 'both-at-the-same-time', 'total_cents' => $seen];
        $first = null;
        $begun = false;
        DB::listen(function (QueryExecuted $query) use ($asked, &$first, &$begun): void {
            if (! $begun && str_contains($query->sql, 'from "purchases"')) {
                $begun = true;
                $first = $this->place($asked)->assertCreated()->json('orders');
            }
        });

        $second = $this->place($asked)->assertOk()->json('orders');
        self::assertNotEmpty($second);
        self::assertSame($first, $second);
        self::assertNotSame($seen, $this->postJson('/strings/orders/plan', $sets)->json('total_cents'));
    }

    public function test_what_is_kept_for_an_order_is_nobody_else_s_until_it_is_dropped_or_done(): void
    {
        $asked = ['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 2]]];
        $this->place($asked)->assertCreated();
        $order = Order::query()->sole();
        $reservation = Reservation::query()->with('lot')->firstOrFail();
        $lot = $reservation->lot;
        $free = $lot->quantity - $reservation->quantity;

        $this->get('/strings/orders')->assertInertia(
            static fn (AssertableInertia $page) => $page->where('orders.0.kept', (int) Reservation::query()->sum('quantity')),
        );
        self::assertLiraError(
            $this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => $free + 1]),
            409,
            '',
            'kept for orders',
        );
        self::assertSame(
            [],
            array_filter(
                (array) $this->postJson('/strings/orders/plan', $asked)->json('drawer'),
                static fn (mixed $taken): bool => data_get($taken, 'name') === $lot->name && data_get($taken, 'count') > $free,
            ),
        );

        // Dropped, it is given back; brought back, it is kept again, unless somebody has it by then.
        $this->deleteJson("/strings/orders/{$order->id}")->assertOk();
        self::assertSame(0, Reservation::query()->where('status', 'kept')->count());
        self::assertSame($lot->quantity, $lot->refresh()->quantity);
        $this->postJson("/strings/orders/{$order->id}/unarchive")->assertOk();
        self::assertSame(
            $reservation->quantity,
            (int) Reservation::query()->where('status', 'kept')->where('lot_id', $lot->id)->sum('quantity'),
        );
        $this->deleteJson("/strings/orders/{$order->id}")->assertOk();
        $this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => $lot->quantity])->assertOk();
        self::assertLiraError($this->postJson("/strings/orders/{$order->id}/unarchive"), 409, '', 'none left');
        self::assertSame(0, Order::query()->count(), 'what cannot be kept again stays dropped');
        self::assertSame(0, Reservation::query()->where('status', 'kept')->count());
    }

    public function test_what_is_kept_can_be_used_before_the_parcel_comes(): void
    {
        $this->place(['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 2]]])->assertCreated();
        $kept = (int) Reservation::query()->where('status', 'kept')->sum('quantity');
        $before = (int) Lot::query()->sum('quantity');
        $used = (int) Movement::query()->where('kind', 'used')->sum('change');
        $id = Order::query()->sole()->id;
        $this->postJson("/strings/orders/{$id}/use")->assertOk();
        $this->postJson("/strings/orders/{$id}/use")->assertOk();

        self::assertSame($before - $kept, (int) Lot::query()->sum('quantity'));
        self::assertSame($used - $kept, (int) Movement::query()->where('kind', 'used')->sum('change'));
    }

    public function test_packaged_sets_saved_again_leave_orders_whole_and_what_comes_is_what_was_ordered(): void
    {
        $supplier = Supplier::query()->where('name', 'Fathom Bass Strings')->sole();
        $address = "/strings/suppliers/{$supplier->id}/sets";
        $text = $this->getJson($address)->json('text');
        self::assertIsString($text);
        $this->place(['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 4, 'spares' => 2]]])->assertCreated();
        $line = OrderLine::query()->where('kind', 'set')->firstOrFail();
        $this->putJson($address, ['text' => $text, 'revision' => 1])->assertOk();
        self::assertNotNull($line->refresh()->list_set_id);
        self::assertLiraError($this->putJson($address, ['text' => $text, 'revision' => 1]), 409, '', 'changed elsewhere');

        // Packed no more, or packed otherwise: the parcel holds what was ordered.
        $strings = array_map(static fn (array $string): string => $string['name'], $line->contents);
        $this->putJson($address, ['text' => 'A;Alone;1,50;FB1-450', 'revision' => 2])->assertOk();
        $this->postJson("/strings/orders/{$line->order_id}/send");
        $this->postJson("/strings/orders/{$line->order_id}/arrive");
        $lots = Lot::query()->latest('id')->firstOrFail()->id;
        $this->postJson(
            "/strings/orders/{$line->order_id}/receive",
            ['lines' => OrderLine::query()->get()
                ->mapWithKeys(static fn (OrderLine $of): array => [$of->id => $of->id === $line->id ? 1 : 0])->all()],
        )->assertOk();
        self::assertSame($strings, Lot::query()->where('id', '>', $lots)->orderBy('id')->pluck('name')->all());
    }

    public function test_a_line_whose_strings_are_not_known_is_refused_loudly(): void
    {
        $this->place(['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 2]]])->assertCreated();
        $order = Order::query()->sole();
        $order->lines()->update(['contents' => '[]']);
        $this->postJson("/strings/orders/{$order->id}/send");
        $this->postJson("/strings/orders/{$order->id}/arrive");
        $before = (int) Lot::query()->sum('quantity');

        self::assertLiraError(
            $this->postJson("/strings/orders/{$order->id}/receive", ['lines' => []]),
            409,
            '',
            'not known any more which strings',
        );
        self::assertSame([OrderStatus::Arrived, $before], [$order->refresh()->status, (int) Lot::query()->sum('quantity')]);
    }

    public function test_one_basket_is_paid_in_one_currency(): void
    {
        $asked = ['sets' => [['id' => self::design('Ketch, E standard')->id, 'times' => 2]]];
        Supplier::query()->where('name', 'Fathom Bass Strings')->update(['currency' => 'GBP']);
        $euros = $this->postJson('/strings/orders/plan', $asked)->assertOk()->assertJson(
            ['currency' => 'EUR', 'currencies' => ['EUR', 'GBP']],
        );
        self::assertNotContains('GBP', array_column((array) $euros->json('orders'), 'currency'));
        $pounds = $this->postJson('/strings/orders/plan', $asked + ['currency' => 'GBP'])->assertOk()->assertJson(['currency' => 'GBP']);
        self::assertSame(['Fathom Bass Strings'], array_column((array) $pounds->json('orders'), 'supplier'));
        self::assertNotSame($euros->json('total_cents'), $pounds->json('total_cents'));
    }

    public function test_packaged_sets_go_out_and_come_in_as_lines_or_not_at_all(): void
    {
        $id = Supplier::query()->where('name', 'Fathom Bass Strings')->sole()->id;
        $text = $this->getJson("/strings/suppliers/{$id}/sets")->assertOk()->json('text');
        self::assertIsString($text);
        self::assertStringContainsString('FB-4,"Sounding four",', $text);
        $this->putJson("/strings/suppliers/{$id}/sets", ['text' => $text, 'revision' => 1])->assertOk()->assertJson(['sets' => 3]);
        self::assertSame($text, $this->getJson("/strings/suppliers/{$id}/sets")->json('text'));

        $answer = $this->putJson(
            "/strings/suppliers/{$id}/sets",
            [
                'text' => "A;Alone;1,50;FB1-450\nA;Again;1;FB1-450\nB;;1;FB1-450\n\nC;Odd;free;FB1-450\nD;Gone;1;NOPE\nE;None;1\n",
                'revision' => 2,
            ],
        )->assertStatus(422);
        self::assertSame([
            'Line 2: the order code “A” stands already in line 1.', 'Line 3: it needs an order code and a name.',
            'Line 5: “free” is not a price.',
            'Line 6: no string is listed as “NOPE”.', 'Line 7: it needs the order codes of 1 to 14 strings.',
        ], array_column((array) $answer->json('errors'), 'message'));
        self::assertSame($text, $this->getJson("/strings/suppliers/{$id}/sets")->json('text'));
        $this->putJson("/strings/suppliers/{$id}/sets", ['text' => 'A;Alone;1,50;FB1-450', 'revision' => 2])->assertOk()
            ->assertJson(['sets' => 1]);
        self::assertSame("A,Alone,1.50,FB1-450\n", $this->getJson("/strings/suppliers/{$id}/sets")->json('text'));
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function place(array $asked): TestResponse
    {
        return $this->postJson('/strings/orders', $asked + ['key' => Str::uuid()->toString()]);
    }

    private static function design(string $name): StringSet
    {
        return StringSet::query()->where('name', $name)->firstOrFail();
    }
}
