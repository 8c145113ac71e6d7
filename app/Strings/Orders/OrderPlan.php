<?php

declare(strict_types=1);

namespace App\Strings\Orders;

use App\Models\ListString;
use App\Models\Lot;
use App\Models\Supplier;
use App\Models\TypeColumns;
use App\Strings\Drawer\Drawer;
use App\Strings\Orders\Views\OtherWayView;
use Illuminate\Support\Facades\DB;
use Lira\Supply\Basket;
use Lira\Supply\Budget;
use Lira\Supply\CheapestBasket;
use Lira\Supply\Offer;
use Lira\Supply\Shipping;

/** What to take from the drawer and what to order where, for some designs: the cheapest there is, and why. */
final readonly class OrderPlan
{
    /** So long the cheapest is looked for, and so long all of it may take. */
    private const SEARCH_S = 1.1;

    private const WHOLE_S = 1.6;

    /**
     * @param  list<array{lot: Lot, count: int}>  $drawer  taken first
     * @param  array<string, int>  $missing  that nobody lists, by key
     * @param  array<string, array{kind: string, model: ?int, set: ?int, code: string, name: string, strings: int}>  $items  by offer
     * @param  array<string, Offer>  $offers  by id
     * @param  array<int, Supplier>  $suppliers  by id
     * @param  string  $currency  it is paid in
     * @param  list<string>  $currencies  that could be chosen
     * @param  array<string, int>  $buying  what has to be bought, by key
     * @param  float  $startedS  when it was begun
     */
    private function __construct(
        public Need $need,
        public array $drawer,
        public array $missing,
        public Basket $basket,
        public array $items,
        public array $offers,
        public array $suppliers,
        public string $currency,
        public array $currencies,
        private array $buying,
        private float $startedS,
    ) {}

    /**
     * @param  ?string  $currency  to pay in: prices in several cannot be compared, so the suppliers are those of one; where none
     *                             is said, the one that most of them take
     */
    public static function for(Need $need, Drawer $from, ?string $currency = null): self
    {
        $started = self::seconds();
        [$drawer, $open] = self::fromDrawer($need, $from);
        $currencies = self::currencies();
        $currency = $currency !== null && in_array($currency, $currencies, true) ? $currency : $currencies[0] ?? '';
        $suppliers = [];
        $paidSo = Supplier::query()->where('currency', $currency)->orderBy('id')->limit(CheapestBasket::MOST_SUPPLIERS);
        foreach ($paidSo->get() as $supplier) {
            $suppliers[$supplier->id] = $supplier;
        }
        [$offers, $items] = self::offers($need, $open, array_keys($suppliers));
        $offered = [];
        foreach ($offers as $offer) {
            $offered += $offer->contents;
        }
        $buying = array_intersect_key($open, $offered);
        $shipping = self::shipping($suppliers);

        return new self(
            $need, $drawer, array_diff_key($open, $offered),
            CheapestBasket::of($buying, array_values($offers), $shipping, self::budget($started + self::SEARCH_S)) ?? Basket::nothing(),
            $items, $offers, $suppliers, $currency, $currencies, $buying, $started,
        );
    }

    /** @return list<string> what suppliers take, what most of them take first */
    private static function currencies(): array
    {
        return array_values(Supplier::query()->selectRaw('currency, count(*) as suppliers')->groupBy('currency')->orderByDesc('suppliers')
            ->orderBy('currency')->get()
            ->map(static fn (Supplier $supplier): string => $supplier->currency)->all());
    }

    private static function seconds(): float
    {
        return hrtime(true) / 1e9;
    }

    private static function budget(float $until): Budget
    {
        return Budget::ofSeconds(max(0.0, $until - self::seconds()), self::seconds(...));
    }

    /**
     * Why it is bought so: what it would cost with single strings only, and from each supplier that has all of it.
     *
     * @return list<OtherWayView>
     */
    public function otherwise(): array
    {
        $shipping = self::shipping($this->suppliers);
        $ways = [];
        $singles = array_values(array_filter($this->offers, fn (Offer $offer): bool => $this->items[$offer->id]['kind'] === 'single'));
        $left = count($this->suppliers) + 1;
        // Each comparison gets its share of the time that is left.
        $share = fn (int $of): Budget => self::budget(self::seconds() + max(0.0, $this->startedS + self::WHOLE_S - self::seconds()) / $of);
        $only = CheapestBasket::of($this->buying, $singles, $shipping, $share($left--));
        if ($only !== null && $this->buying !== []) {
            $ways[] = new OtherWayView('with single strings only', $only->totalCents());
        }
        foreach ($this->suppliers as $id => $supplier) {
            $one = CheapestBasket::of($this->buying, array_values($this->offers), [$id => $shipping[$id]], $share($left--));
            if ($one !== null && $this->buying !== [] && count($this->suppliers) > 1) {
                $ways[] = new OtherWayView("all from {$supplier->name}", $one->totalCents());
            }
        }

        return $ways;
    }

    /**
     * @param  array<int, Supplier>  $suppliers  by id
     * @return array<int, Shipping>
     */
    private static function shipping(array $suppliers): array
    {
        return array_map(
            static fn (Supplier $supplier): Shipping => new Shipping($supplier->shipping_cents, $supplier->free_from_cents),
            $suppliers,
        );
    }

    /** @return array{list<array{lot: Lot, count: int}>, array<string, int>} what the drawer has of it, and what is left to buy */
    private static function fromDrawer(Need $need, Drawer $from): array
    {
        [$taken, $open] = [[], $need->counts];
        foreach ($from->free() as ['lot' => $lot, 'free' => $free]) {
            $key = $lot->type()->key();
            $count = min($free, $open[$key] ?? 0);
            if ($count > 0) {
                $taken[] = ['lot' => $lot, 'count' => $count];
                $open[$key] -= $count;
            }
        }

        return [$taken, array_filter($open, static fn (int $count): bool => $count > 0)];
    }

    /**
     * @param  array<string, int>  $open
     * @param  list<int>  $suppliers
     * @return array{array<string, Offer>, array<string, array{kind: string, model: ?int, set: ?int, code: string, name: string,
     *     strings: int}>}
     */
    private static function offers(Need $need, array $open, array $suppliers): array
    {
        [$offers, $items] = [[], []];
        foreach (array_keys($open) as $key) {
            $listed = ListString::query()->whereIn('supplier_id', $suppliers)->where(TypeColumns::of($need->strings[$key]))->get();
            foreach ($listed as $string) {
                $item = [
                    'model' => $string->id,
                    'set' => null,
                    'code' => $string->code,
                    'name' => $string->name === '' ? $string->code : $string->name,
                ];
                if ($string->cents !== null) {
                    $offers["single {$string->id}"] = new Offer("single {$string->id}", $string->supplier_id, $string->cents, [$key => 1]);
                    $items["single {$string->id}"] = ['kind' => 'single', 'strings' => 1] + $item;
                }
                if ($string->box_of !== null && $string->box_cents !== null) {
                    $offers["box {$string->id}"] = new Offer(
                        "box {$string->id}",
                        $string->supplier_id,
                        $string->box_cents,
                        [$key => $string->box_of],
                    );
                    $items["box {$string->id}"] = ['kind' => 'box', 'strings' => $string->box_of] + $item;
                }
            }
        }
        foreach (self::sets($suppliers) as $set) {
            if (array_intersect_key($set['contents'], $open) !== []) {
                $id = "set {$set['id']}";
                $offers[$id] = new Offer($id, $set['supplier'], $set['cents'], $set['contents']);
                $items[$id] = [
                    'kind' => 'set',
                    'model' => null,
                    'set' => $set['id'],
                    'code' => $set['code'],
                    'name' => $set['name'],
                    'strings' => array_sum($set['contents']),
                ];
            }
        }

        return [$offers, $items];
    }

    /**
     * @param  list<int>  $suppliers
     * @return list<array{id: int, supplier: int, cents: int, code: string, name: string, contents: non-empty-array<string, int>}>
     */
    private static function sets(array $suppliers): array
    {
        $sets = [];
        $rows = DB::table('list_sets')->join('list_set_strings', 'list_set_strings.list_set_id', '=', 'list_sets.id')->join(
            'list_strings',
            'list_strings.id',
            '=',
            'list_set_strings.list_string_id',
        )
            ->whereIn('list_sets.supplier_id', $suppliers)->whereNull('list_sets.archived_at')->orderBy('list_sets.id')
            ->get(['list_sets.id', 'list_sets.supplier_id', 'list_sets.cents', 'list_sets.code', 'list_sets.name', ...TypeColumns::NAMES]);
        foreach ($rows as $row) {
            /**
             * @var \stdClass&object{id: int, supplier_id: int, cents: int, code: string, name: string, construction: string,
             *     material: string, gauge_nm: int} $row
             */
            $key = TypeColumns::read($row->construction, $row->material, $row->gauge_nm)->key();
            $contents = $sets[$row->id]['contents'] ?? [];
            $contents[$key] = ($contents[$key] ?? 0) + 1;
            $sets[$row->id] = [
                'id' => $row->id,
                'supplier' => $row->supplier_id,
                'cents' => $row->cents,
                'code' => $row->code,
                'name' => $row->name,
                'contents' => $contents,
            ];
        }

        return array_values($sets);
    }
}
