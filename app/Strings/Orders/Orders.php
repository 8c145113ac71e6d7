<?php

declare(strict_types=1);

namespace App\Strings\Orders;

use App\Models\LineKind;
use App\Models\ListString;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\OrderStatus;
use App\Models\Purchase;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\TypeColumns;
use App\Strings\Drawer\Drawer;
use App\Strings\Orders\Views\CountedView;
use App\Strings\Orders\Views\OrderLineView;
use App\Strings\Orders\Views\OrderView;
use App\Strings\Orders\Views\PlacedLineView;
use App\Strings\Orders\Views\PlannedOrderView;
use App\Strings\Orders\Views\PlanView;
use App\Strings\Orders\Views\TakenView;
use App\Workshop\Conflict;
use Illuminate\Support\Facades\DB;

/** Orders from plan to drawer. */
final readonly class Orders
{
    private const SHOWN = 200;

    public function __construct(private Drawer $drawer, private OrderList $list) {}

    /** A plan in words and figures. */
    public function preview(OrderPlan $plan): PlanView
    {
        return new PlanView(
            array_sum($plan->need->counts),
            array_map(
                static fn (array $taken): TakenView => new TakenView(
                    $taken['lot']->name,
                    ...TypeColumns::view($taken['lot']->type()),
                    count: $taken['count'],
                ),
                $plan->drawer,
            ),
            array_map(
                static fn (string $key, int $count): CountedView => new CountedView(
                    ...TypeColumns::view($plan->need->strings[$key]),
                    count: $count,
                ),
                array_keys($plan->missing),
                $plan->missing,
            ),
            array_map(fn (int $supplier): PlannedOrderView => $this->planned($plan, $supplier), array_keys($plan->basket->goodsCents)),
            $plan->basket->totalCents(),
            $plan->currency,
            $plan->currencies,
            $plan->basket->isProven(),
            $plan->basket->atLeastCents,
            array_sum($plan->basket->over),
            $plan->otherwise(),
        );
    }

    private function planned(OrderPlan $plan, int $supplier): PlannedOrderView
    {
        return new PlannedOrderView(
            $plan->suppliers[$supplier]->name, $plan->suppliers[$supplier]->currency, $plan->suppliers[$supplier]->lead_days,
            $plan->basket->goodsCents[$supplier], $plan->basket->shippingCents[$supplier],
            array_map(
                static fn (array $line): OrderLineView => new OrderLineView(
                    LineKind::from($line['kind']),
                    $line['code'],
                    $line['name'],
                    $line['strings'],
                    $line['count'],
                    $line['cents'],
                ),
                $this->lines($plan, $supplier),
            ),
        );
    }

    /**
     * Keeps what the drawer has for it, and an order for each supplier; with no order to wait for, it is taken at once.
     *
     * @param  string  $key  made by whoever places it: the same one again places nothing more
     * @param  bool  $listed  whether what is on the order list is part of it
     * @return list<int> the orders
     *
     * @throws Conflict if the drawer has changed since it was looked at
     */
    public function place(OrderPlan $plan, string $key, bool $listed = false): array
    {
        return DB::transaction(function () use ($plan, $key, $listed): array {
            $placed = Purchase::query()->where('key', $key)->first();
            if ($placed !== null) {
                return $this->ids($placed);
            }
            $for = mb_substr(implode(', ', $plan->need->names), 0, 300);
            $purchase = Purchase::query()->create(['key' => $key, 'name' => $for]);
            if ($listed) {
                $this->list->ordered($purchase);
            }
            foreach ($plan->drawer as ['lot' => $lot, 'count' => $count]) {
                $this->drawer->reserve($lot, $count, $purchase);
            }
            foreach (array_keys($plan->basket->goodsCents) as $supplier) {
                $order = Order::query()->create([
                    'supplier_id' => $supplier,
                    'purchase_id' => $purchase->id,
                    'name' => $for,
                    'currency' => $plan->suppliers[$supplier]->currency,
                    'shipping_cents' => $plan->basket->shippingCents[$supplier],
                ]);
                foreach ($this->lines($plan, $supplier) as $line) {
                    OrderLine::query()->create(['order_id' => $order->id, 'contents' => $this->contents($line)] + $line);
                }
            }
            $ids = $this->ids($purchase);
            if ($ids === []) {
                $this->drawer->bookOut($purchase);
            }

            return $ids;
        });
    }

    /** @return list<int>|null the orders that were placed with a key; null if none was */
    public function placed(string $key): ?array
    {
        $placed = Purchase::query()->where('key', $key)->first();

        return $placed === null ? null : $this->ids($placed);
    }

    /** @return list<int> */
    private function ids(Purchase $purchase): array
    {
        return array_values(
            $purchase->orders()->withTrashed()->orderBy('id')->get(['id'])->map(static fn (Order $order): int => $order->id)->all(),
        );
    }

    /**
     * Drops an order that was not sent yet; what was kept for it is given back once none of its purchase is left.
     *
     * @throws Conflict if it was sent
     */
    public function drop(Order $order): void
    {
        DB::transaction(function () use ($order): void {
            $order->refresh();
            if ($order->status !== OrderStatus::Draft) {
                throw Conflict::changedElsewhere('This order');
            }
            $order->delete();
            $this->settle($order->purchase);
        });
    }

    /**
     * Brings an order back that was dropped, with what was kept for it.
     *
     * @throws Conflict if somebody took that meanwhile
     */
    public function bringBack(Order $order): void
    {
        DB::transaction(function () use ($order): void {
            $order->restore();
            $purchase = $order->purchase;
            if ($purchase === null) {
                return;
            }
            foreach ($purchase->reservations()->where('status', ReservationStatus::Back)->with('lot')->get() as $reservation) {
                $reservation->delete();
                $this->drawer->reserve($reservation->lot, $reservation->quantity, $purchase);
            }
        });
    }

    /** Once nothing of a purchase is to come any more, what was kept for it is booked out, or given back if all of it was dropped. */
    private function settle(?Purchase $purchase): void
    {
        if ($purchase === null || $purchase->orders()->where('status', '!=', OrderStatus::Done)->exists()) {
            return;
        }
        $purchase->orders()->doesntExist()
            ? $purchase->reservations()->where('status', ReservationStatus::Kept)->update(['status' => ReservationStatus::Back])
            : $this->drawer->bookOut($purchase);
    }

    /**
     * The strings of one of a line as they are listed now.
     *
     * @param  array{kind: string, list_string_id: ?int, list_set_id: ?int, code: string, name: string, strings: int, count: int,
     *     cents: int}  $line
     * @return list<array{list_string_id: int, name: string, construction: string, material: string, gauge_nm: int, end: ?string, count: int}>
     */
    private function contents(array $line): array
    {
        $ids = $line['list_set_id'] === null ? [$line['list_string_id']] : DB::table('list_set_strings')
            ->where('list_set_id', $line['list_set_id'])->orderBy('position')->pluck('list_string_id')->all();
        $contents = [];
        foreach ($ids as $id) {
            $contents[] = Drawer::described(ListString::withTrashed()->whereKey($id)->sole()) + [
                'count' => $line['kind'] === 'box' ? $line['strings'] : 1,
            ];
        }

        return $contents;
    }

    /**
     * @return list<array{kind: string, list_string_id: ?int, list_set_id: ?int, code: string, name: string, strings: int, count: int,
     *     cents: int}>
     */
    private function lines(OrderPlan $plan, int $supplier): array
    {
        $lines = [];
        foreach ($plan->basket->counts as $id => $count) {
            $offer = $plan->offers[$id];
            $item = $plan->items[$id];
            if ($offer->supplier === $supplier) {
                $lines[] = [
                    'kind' => $item['kind'],
                    'list_string_id' => $item['model'],
                    'list_set_id' => $item['set'],
                    'code' => $item['code'],
                    'name' => $item['name'],
                    'strings' => $item['strings'],
                    'count' => $count,
                    'cents' => $offer->cents,
                ];
            }
        }

        return $lines;
    }

    /** Moves an order on, unless somebody else did. @throws Conflict if it is not where it was seen */
    public function advance(Order $order, OrderStatus $from, OrderStatus $to): void
    {
        if (Order::query()->whereKey($order->id)->where('status', $from)->update(['status' => $to]) === 0) {
            throw Conflict::changedElsewhere('This order');
        }
        $order->refresh();
    }

    /**
     * Puts what arrived into the drawer; what is still missing stays on its way.
     *
     * @param  array<int, int>  $counts  how many of each line came whole, by line, at most as many as were to come
     */
    public function receive(Order $order, array $counts): void
    {
        DB::transaction(function () use ($order, $counts): void {
            $this->advance($order, OrderStatus::Arrived, OrderStatus::Done);
            $open = 0;
            foreach ($order->lines()->get() as $line) {
                $count = min($counts[$line->id] ?? $line->sent, $line->count - $line->received);
                $line->fill(['received' => $line->received + $count, 'sent' => 0])->save();
                $open += $line->count - $line->received;
                if ($count > 0) {
                    $this->intoDrawer($line, $count, $order);
                }
            }
            if ($open > 0) {
                $order->status = OrderStatus::OnItsWay;
                $order->save();
            } else {
                $this->settle($order->purchase);
            }
        });
    }

    /** @throws Conflict if it is not known what is in it */
    private function intoDrawer(OrderLine $line, int $count, Order $order): void
    {
        if ($line->contents === []) {
            throw Conflict::contentsUnknown($line->name);
        }
        foreach ($line->contents as $string) {
            $known = ListString::withTrashed()->whereKey($string['list_string_id'])->exists();
            $this->drawer->put(
                [
                    'list_string_id' => $known ? $string['list_string_id'] : null,
                    'name' => $string['name'],
                    'construction' => $string['construction'],
                    'material' => $string['material'],
                    'gauge_nm' => $string['gauge_nm'],
                    'end' => $string['end'],
                ],
                $count * $string['count'], intdiv($line->cents, max(1, $line->strings)), "order {$order->id}: {$order->name}",
            );
        }
    }

    /** @return list<OrderView> the newest first */
    public function all(): array
    {
        return array_values(Order::query()->with(['supplier', 'lines', 'purchase.reservations'])->latest('id')->limit(self::SHOWN)->get()
            ->map(self::view(...))->all());
    }

    private static function view(Order $order): OrderView
    {
        $kept = $order->purchase?->reservations->where('status', ReservationStatus::Kept);

        return new OrderView(
            $order->id, $order->supplier->name, $order->name, (int) $kept?->sum(
                static fn (Reservation $each): int => $each->quantity,
            ), $order->status,
            $order->currency, $order->shipping_cents, $order->due_on?->toDateString(), $order->created_at->toDateString(),
            $order->shipping_cents + (int) $order->lines->sum(static fn (OrderLine $line): int => $line->count * $line->cents),
            array_values($order->lines->map(static fn (OrderLine $line): PlacedLineView => new PlacedLineView(
                $line->id, $line->kind, $line->code, $line->name, $line->strings, $line->count, $line->cents, $line->sent, $line->received,
            ))->all()),
        );
    }
}
