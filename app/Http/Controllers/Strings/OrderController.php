<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\StringSet;
use App\Support\Conflict;
use App\Support\SheetPdf;
use App\Support\Supply\CsvRow;
use App\Support\Supply\Drawer;
use App\Support\Supply\Need;
use App\Support\Supply\OrderPlan;
use App\Support\Supply\Orders;
use App\Support\Supply\SimulatedSupplier;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\Response as HttpResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Orders: planned from designs, placed, sent, arrived and put away. */
final class OrderController
{
    private const MOST_DESIGNS = 12;

    public function index(Request $request): Response
    {
        $set = StringSet::query()->find($request->integer('set'));

        return Inertia::render('strings/OrdersPage', ['orders' => Orders::all(), 'begin' => $set === null ? null : ['id' => $set->id, 'name' => $set->name]]);
    }

    public function plan(Request $request): JsonResponse
    {
        return new JsonResponse(Orders::preview(OrderPlan::for(self::need($request), self::currency($request))));
    }

    public function store(Request $request): JsonResponse
    {
        $request->validate(['key' => ['required', 'string', 'min:8', 'max:64']], ['key.*' => 'Send a key of your own making, 8 to 64 characters, by which placing the same twice is known.']);
        $key = $request->string('key')->toString();
        $placed = Orders::placed($key);
        if ($placed !== null) {
            return new JsonResponse(['orders' => $placed]);
        }
        $plan = OrderPlan::for(self::need($request), self::currency($request));
        $total = $request->input('total_cents');
        // What was agreed to is what was seen.
        if (is_int($total) && $total !== $plan->basket->totalCents()) {
            throw Conflict::changedElsewhere('What is listed or lies in the drawer');
        }

        return new JsonResponse(['orders' => Orders::place($plan, $key)], 201);
    }

    public function send(Order $order): JsonResponse
    {
        SimulatedSupplier::accept($order);

        return new JsonResponse(['status' => $order->status]);
    }

    public function arrive(Order $order): JsonResponse
    {
        SimulatedSupplier::deliver($order);

        return new JsonResponse(['status' => $order->status]);
    }

    public function receive(Request $request, Order $order): JsonResponse
    {
        $request->validate(['lines' => ['array'], 'lines.*' => ['integer', 'min:0']], ['lines.*.*' => 'Give how many came whole, 0 or more.']);
        $counts = [];
        foreach ($request->array('lines') as $line => $count) {
            if (is_int($count)) {
                $counts[(int) $line] = $count;
            }
        }
        Orders::receive($order, $counts);

        return new JsonResponse(['status' => $order->status]);
    }

    public function destroy(Order $order): JsonResponse
    {
        Orders::drop($order);

        return new JsonResponse(['id' => $order->id]);
    }

    public function unarchive(int $order): JsonResponse
    {
        Orders::bringBack(Order::onlyTrashed()->findOrFail($order));

        return new JsonResponse(['id' => $order]);
    }

    /** Takes out of the drawer what is kept for it. */
    public function use(Order $order): JsonResponse
    {
        if ($order->purchase !== null) {
            Drawer::bookOut($order->purchase);
        }

        return new JsonResponse(['id' => $order->id]);
    }

    public function csv(Order $order): StreamedResponse
    {
        return CsvRow::download("order-{$order->id}", static function ($out) use ($order): void {
            CsvRow::write($out, ['Order code', 'Name', 'What', 'Count', 'Price of one', 'Sum', 'Currency']);
            foreach ($order->lines()->orderBy('id')->get() as $line) {
                CsvRow::write($out, [$line->code, $line->name, self::what($line), (string) $line->count, number_format($line->cents / 100, 2, '.', ''), number_format($line->count * $line->cents / 100, 2, '.', ''), $order->currency]);
            }
        });
    }

    public function pdf(Request $request, Order $order): HttpResponse
    {
        $lines = $order->lines()->orderBy('id')->get();
        $money = static fn (int $cents): string => number_format($cents / 100, 2).' '.$order->currency;
        $goods = (int) $lines->sum(static fn (OrderLine $line): int => $line->count * $line->cents);

        return new HttpResponse(SheetPdf::of('sheets.order', "Order {$order->id}", [
            'id' => $order->id, 'supplier' => $order->supplier()->sole()->name, 'for' => $order->name, 'date' => $order->created_at->toDateString(),
            'rows' => $lines->map(static fn (OrderLine $line): array => ['code' => $line->code, 'name' => $line->name, 'what' => self::what($line), 'count' => $line->count, 'price' => $money($line->cents), 'sum' => $money($line->count * $line->cents)])->all(),
            'goods' => $money($goods), 'shipping' => $money($order->shipping_cents), 'total' => $money($goods + $order->shipping_cents),
        ], $request->query('paper') === 'letter' ? 'letter' : 'a4'), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"order-{$order->id}.pdf\""]);
    }

    private static function what(OrderLine $line): string
    {
        return match ($line->kind) {
            'box' => "box of {$line->strings}",
            'set' => "set of {$line->strings}",
            default => 'single',
        };
    }

    private static function currency(Request $request): ?string
    {
        $currency = $request->input('currency');

        return is_string($currency) ? $currency : null;
    }

    private static function need(Request $request): Need
    {
        $request->validate([
            'sets' => ['required', 'array', 'max:'.self::MOST_DESIGNS], 'sets.*.id' => ['required', 'integer', 'exists:sets,id'],
            'sets.*.times' => ['integer', 'min:1', 'max:50'], 'sets.*.spares' => ['integer', 'min:0', 'max:20'],
        ], ['sets.required' => 'Choose at least one design to order for.', 'sets.max' => 'Order for at most 12 designs at once.', 'sets.*.id.*' => 'There is no such design.',
            'sets.*.times.*' => 'Give how many times it is needed, 1 to 50.', 'sets.*.spares.*' => 'Give how many spares of each string, 0 to 20.']);
        $wanted = [];
        foreach ($request->array('sets') as $row) {
            $row = is_array($row) ? $row : [];
            $set = StringSet::query()->with('instrument')->findOrFail(is_int($row['id'] ?? null) ? $row['id'] : 0);
            $wanted[] = ['set' => $set, 'times' => is_int($row['times'] ?? null) ? $row['times'] : 1, 'spares' => is_int($row['spares'] ?? null) ? $row['spares'] : 0];
        }

        return Need::of($wanted);
    }
}
