<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\CsvDownload;
use App\Http\Pages\Strings\OrdersPage;
use App\Http\Requests\Strings\PlaceOrderRequest;
use App\Http\Requests\Strings\PlanOrderRequest;
use App\Http\Requests\Strings\ReceiveOrderRequest;
use App\Http\Said;
use App\Http\SheetAnswer;
use App\Models\LineKind;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\StringSet;
use App\Models\WantedString;
use App\Paper\Sheet;
use App\Strings\Drawer\Drawer;
use App\Strings\Lists\CsvRow;
use App\Strings\Orders\OrderList;
use App\Strings\Orders\OrderPlan;
use App\Strings\Orders\Orders;
use App\Strings\Orders\SimulatedSupplier;
use App\Workshop\Conflict;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Symfony\Component\HttpFoundation\Response as HttpResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Orders: planned from designs, placed, sent, arrived and put into the drawer. */
final readonly class OrderController
{
    /** So many designs an order can be begun for at once. */
    private const MOST_BEGUN = 50;

    public function __construct(private Drawer $drawer, private Orders $orders, private SimulatedSupplier $supplier, private OrderList $list) {}

    public function index(Request $request): Response
    {
        // One design, or several that were ticked.
        $ids = array_filter(explode(',', Said::words($request, 'set')), is_numeric(...));
        $sets = StringSet::query()->whereIn('id', array_slice($ids, 0, self::MOST_BEGUN))->orderBy('name')->get(['id', 'name']);

        return (new OrdersPage(orders: $this->orders->all(), wanted: $this->list->all(), begin: array_values($sets->map(static fn (StringSet $set): array => ['id' => $set->id, 'name' => $set->name])->all())))->response();
    }

    public function plan(PlanOrderRequest $request): JsonResponse
    {
        return new JsonResponse($this->orders->preview(OrderPlan::for($request->need(), $this->drawer, $request->currency())));
    }

    public function store(PlaceOrderRequest $request): JsonResponse
    {
        $key = $request->key();
        $placed = $this->orders->placed($key);
        if ($placed !== null) {
            return new JsonResponse(['orders' => $placed]);
        }
        $plan = OrderPlan::for($request->need(), $this->drawer, $request->currency());
        $total = $request->totalCents();
        // What was agreed to is what was seen.
        if ($total !== null && $total !== $plan->basket->totalCents()) {
            // Unless it was this very order, sent twice at once, that took from the drawer meanwhile.
            $placed = $this->orders->placed($key) ?? throw Conflict::changedElsewhere('What is listed or lies in the drawer');

            return new JsonResponse(['orders' => $placed]);
        }

        return new JsonResponse(['orders' => $this->orders->place($plan, $key, $request->isListed())], 201);
    }

    public function send(Order $order): JsonResponse
    {
        $this->supplier->accept($order);

        return new JsonResponse(['status' => $order->status]);
    }

    public function arrive(Order $order): JsonResponse
    {
        $this->supplier->deliver($order);

        return new JsonResponse(['status' => $order->status]);
    }

    public function receive(ReceiveOrderRequest $request, Order $order): JsonResponse
    {
        $this->orders->receive($order, $request->counts());

        return new JsonResponse(['status' => $order->status]);
    }

    public function destroy(Order $order): JsonResponse
    {
        $this->orders->drop($order);

        return new JsonResponse(['id' => $order->id]);
    }

    public function unarchive(int $order): JsonResponse
    {
        $this->orders->bringBack(Order::onlyTrashed()->findOrFail($order));

        return new JsonResponse(['id' => $order]);
    }

    /** Takes a string off the order list. */
    public function unwant(WantedString $wanted): JsonResponse
    {
        $wanted->delete();

        return new JsonResponse(['id' => $wanted->id]);
    }

    /** Takes out of the drawer what is kept for it. */
    public function use(Order $order): JsonResponse
    {
        if ($order->purchase !== null) {
            $this->drawer->bookOut($order->purchase);
        }

        return new JsonResponse(['id' => $order->id]);
    }

    public function csv(Order $order): StreamedResponse
    {
        return CsvDownload::of("order-{$order->id}", static function ($out) use ($order): void {
            CsvRow::write($out, ['Order code', 'Name', 'What', 'Count', 'Price of one', 'Sum', 'Currency']);
            foreach ($order->lines()->orderBy('id')->get() as $line) {
                CsvRow::write(
                    $out,
                    [
                        $line->code,
                        $line->name,
                        self::what($line),
                        (string) $line->count,
                        number_format($line->cents / 100, 2, '.', ''),
                        number_format($line->count * $line->cents / 100, 2, '.', ''),
                        $order->currency,
                    ],
                );
            }
        });
    }

    public function pdf(Request $request, Order $order): HttpResponse
    {
        $lines = $order->lines()->orderBy('id')->get();
        $money = static fn (int $cents): string => number_format($cents / 100, 2).' '.$order->currency;
        $goods = (int) $lines->sum(static fn (OrderLine $line): int => $line->count * $line->cents);

        $leaf = SheetAnswer::leaf($request);

        return SheetAnswer::of(Sheet::of('sheets.order', "Order {$order->id}", [
            'id' => $order->id, 'supplier' => $order->supplier()->sole()->name, 'for' => $order->name,
            'date' => $order->created_at->toDateString(),
            'rows' => $lines->map(static fn (OrderLine $line): array => [
                'code' => $line->code,
                'name' => $line->name,
                'what' => self::what($line),
                'count' => $line->count,
                'price' => $money($line->cents),
                'sum' => $money($line->count * $line->cents),
            ])->all(),
            'goods' => $money($goods), 'shipping' => $money($order->shipping_cents), 'total' => $money($goods + $order->shipping_cents),
        ], $leaf), $leaf, "order-{$order->id}");
    }

    private static function what(OrderLine $line): string
    {
        return match ($line->kind) {
            LineKind::Box => "box of {$line->strings}",
            LineKind::Set => "set of {$line->strings}",
            LineKind::Single => 'single',
        };
    }
}
