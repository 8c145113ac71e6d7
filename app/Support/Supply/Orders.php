<?php

declare(strict_types=1);

namespace App\Support\Supply;

use App\Models\ListString;
use App\Models\Order;
use App\Models\OrderLine;
use App\Support\Conflict;
use Illuminate\Support\Facades\DB;

/** Orders from plan to drawer. */
final class Orders
{
    /** @return array<string, mixed> a plan in words and figures */
    public static function preview(OrderPlan $plan): array
    {
        return [
            'needed' => array_sum($plan->need->counts),
            'drawer' => array_map(static fn (array $taken): array => ['name' => $taken['lot']->name, 'count' => $taken['count'], 'construction' => $taken['lot']->construction, 'material' => $taken['lot']->material, 'gauge_in' => $taken['lot']->gauge_in], $plan->drawer),
            'missing' => array_map(static fn (string $key, int $count): array => $plan->need->strings[$key] + ['count' => $count], array_keys($plan->missing), $plan->missing),
            'orders' => array_map(static fn (int $supplier): array => [
                'supplier' => $plan->suppliers[$supplier]->name,
                'currency' => $plan->suppliers[$supplier]->currency,
                'lead_days' => $plan->suppliers[$supplier]->lead_days,
                'goods_cents' => $plan->basket->goodsCents[$supplier],
                'shipping_cents' => $plan->basket->shippingCents[$supplier],
                'lines' => array_values(array_map(static fn (array $line): array => ['kind' => $line['kind'], 'code' => $line['code'], 'name' => $line['name'], 'strings' => $line['strings'], 'count' => $line['count'], 'cents' => $line['cents']], self::lines($plan, $supplier))),
            ], array_keys($plan->basket->goodsCents)),
            'total_cents' => $plan->basket->totalCents(),
            'proven' => $plan->basket->proven,
            'over' => array_sum($plan->basket->over),
            'otherwise' => $plan->otherwise(),
        ];
    }

    /**
     * Takes what the drawer has and keeps an order for each supplier.
     *
     * @return list<int> the orders
     *
     * @throws Conflict if the drawer has changed since it was looked at
     */
    public static function place(OrderPlan $plan): array
    {
        return DB::transaction(static function () use ($plan): array {
            $for = mb_substr(implode(', ', $plan->need->names), 0, 300);
            foreach ($plan->drawer as ['lot' => $lot, 'count' => $count]) {
                Drawer::take($lot, $count, $for);
            }
            $ids = [];
            foreach (array_keys($plan->basket->goodsCents) as $supplier) {
                $order = Order::query()->create(['supplier_id' => $supplier, 'name' => $for, 'currency' => $plan->suppliers[$supplier]->currency, 'shipping_cents' => $plan->basket->shippingCents[$supplier]]);
                foreach (self::lines($plan, $supplier) as $line) {
                    OrderLine::query()->create(['order_id' => $order->id] + $line);
                }
                $ids[] = $order->id;
            }

            return $ids;
        });
    }

    /** @return list<array{kind: string, list_string_id: ?int, list_set_id: ?int, code: string, name: string, strings: int, count: int, cents: int}> */
    private static function lines(OrderPlan $plan, int $supplier): array
    {
        $lines = [];
        foreach ($plan->basket->counts as $id => $count) {
            $offer = $plan->offers[$id];
            $item = $plan->items[$id];
            if ($offer->supplier === $supplier) {
                $lines[] = ['kind' => $item['kind'], 'list_string_id' => $item['model'], 'list_set_id' => $item['set'], 'code' => $item['code'], 'name' => $item['name'], 'strings' => $item['strings'], 'count' => $count, 'cents' => $offer->cents];
            }
        }

        return $lines;
    }

    /** Moves an order on, unless somebody else did. @throws Conflict if it is not where it was seen */
    public static function advance(Order $order, string $from, string $to): void
    {
        if (Order::query()->whereKey($order->id)->where('status', $from)->update(['status' => $to]) === 0) {
            throw Conflict::changedElsewhere('This order');
        }
        $order->refresh();
    }

    /**
     * Puts what arrived into the drawer; what is still missing stays on its way.
     *
     * @param  array<int, int>  $counts  how many of each line came whole, by line
     */
    public static function receive(Order $order, array $counts): void
    {
        DB::transaction(static function () use ($order, $counts): void {
            self::advance($order, 'arrived', 'done');
            $open = 0;
            foreach ($order->lines()->get() as $line) {
                $count = min($counts[$line->id] ?? $line->sent, $line->count - $line->received);
                $line->fill(['received' => $line->received + $count, 'sent' => 0])->save();
                $open += $line->count - $line->received;
                if ($count > 0) {
                    self::putAway($line, $count, $order);
                }
            }
            if ($open > 0) {
                $order->status = 'on its way';
                $order->save();
            }
        });
    }

    private static function putAway(OrderLine $line, int $count, Order $order): void
    {
        $ids = $line->list_set_id === null ? [$line->list_string_id] : DB::table('list_set_strings')->where('list_set_id', $line->list_set_id)->orderBy('position')->pluck('list_string_id')->all();
        foreach ($ids as $id) {
            $string = ListString::withTrashed()->find($id);
            if ($string instanceof ListString) {
                $each = $line->kind === 'box' ? $line->strings : 1;
                Drawer::add($string, $count * $each, intdiv($line->cents, max(1, $line->strings)), "order {$order->id}: {$order->name}");
            }
        }
    }

    /** @return list<array<string, mixed>> the newest first */
    public static function all(): array
    {
        return array_values(Order::query()->with(['supplier', 'lines'])->latest('id')->limit(200)->get()->map(static fn (Order $order): array => [
            'id' => $order->id,
            'supplier' => $order->supplier->name,
            'name' => $order->name,
            'status' => $order->status,
            'currency' => $order->currency,
            'shipping_cents' => $order->shipping_cents,
            'due_on' => $order->due_on?->toDateString(),
            'since' => $order->created_at->toDateString(),
            'total_cents' => $order->shipping_cents + (int) $order->lines->sum(static fn (OrderLine $line): int => $line->count * $line->cents),
            'lines' => $order->lines->map(static fn (OrderLine $line): array => [
                'id' => $line->id, 'kind' => $line->kind, 'code' => $line->code, 'name' => $line->name, 'strings' => $line->strings,
                'count' => $line->count, 'cents' => $line->cents, 'sent' => $line->sent, 'received' => $line->received,
            ])->values()->all(),
        ])->all());
    }
}
