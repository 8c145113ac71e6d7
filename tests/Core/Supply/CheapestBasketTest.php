<?php

declare(strict_types=1);

namespace Tests\Core\Supply;

use Lira\Supply\Basket;
use Lira\Supply\Budget;
use Lira\Supply\CheapestBasket;
use Lira\Supply\Offer;
use Lira\Supply\Shipping;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

final class CheapestBasketTest extends CoreTestCase
{
    public function test_a_box_is_taken_once_it_is_cheaper_than_singles(): void
    {
        $offers = [new Offer('one', 1, 100, ['a' => 1]), new Offer('box', 1, 620, ['a' => 10])];

        self::assertSame(['one' => 6], CheapestBasket::of(['a' => 6], $offers, [1 => new Shipping(0)])?->counts);
        $box = CheapestBasket::of(['a' => 7], $offers, [1 => new Shipping(0)]);
        self::assertSame([['box' => 1], ['a' => 3], 620], [$box?->counts, $box?->over, $box?->totalCents()]);
    }

    public function test_a_packaged_set_is_taken_with_the_single_that_completes_it(): void
    {
        $offers = [
            new Offer('set', 1, 500, ['a' => 1, 'b' => 1, 'c' => 1, 'x' => 1]),
            new Offer(
                'a',
                1,
                220,
                ['a' => 1],
            ), new Offer('b', 1, 220, ['b' => 1]), new Offer('c', 1, 220, ['c' => 1]), new Offer('d', 1, 220, ['d' => 1]),
        ];
        $basket = CheapestBasket::of(['a' => 1, 'b' => 1, 'c' => 1, 'd' => 1], $offers, [1 => new Shipping(300)]);

        self::assertSame(
            [['d' => 1, 'set' => 1], [1 => 720], [1 => 300], ['x' => 1]],
            [$basket?->counts, $basket?->goodsCents, $basket?->shippingCents, $basket?->over],
        );
    }

    public function test_a_second_parcel_has_to_be_worth_it(): void
    {
        $offers = [
            new Offer('a1', 1, 300, ['a' => 1]),
            new Offer('b1', 1, 300, ['b' => 1]),
            new Offer('a2', 2, 100, ['a' => 1]),
            new Offer('b2', 2, 900, ['b' => 1]),
        ];

        self::assertSame(
            ['a1' => 1, 'b1' => 1],
            CheapestBasket::of(['a' => 1, 'b' => 1], $offers, [1 => new Shipping(400), 2 => new Shipping(400)])?->counts,
        );
        self::assertSame(
            ['a2' => 1, 'b1' => 1],
            CheapestBasket::of(['a' => 1, 'b' => 1], $offers, [1 => new Shipping(400), 2 => new Shipping(150)])?->counts,
        );
        // With the box of dearer strings the parcel is free.
        self::assertSame(
            ['a1' => 3],
            CheapestBasket::of(['a' => 3], $offers, [1 => new Shipping(700, 900), 2 => new Shipping(700)])?->counts,
        );
    }

    /** Cutting what cannot be cheaper, and what is another in all but price, keeps a search short. */
    #[DataProvider('orders')]
    public function test_an_order_is_proven_in_few_steps(int $seed, int $steps): void
    {
        $random = new Randomizer(new Mt19937($seed));
        [$need, $offers, $shipping] = [[], [], []];
        for ($string = 0; $string < 6; $string++) {
            $need["s{$string}"] = $random->getInt(1, 4);
        }
        foreach ([1, 2] as $supplier) {
            $shipping[$supplier] = new Shipping(400 + 100 * $supplier, 3000);
            for ($string = 0; $string < 6; $string++) {
                $each = $random->getInt(150, 400);
                $offers[] = new Offer("{$supplier}-{$string}", $supplier, $each, ["s{$string}" => 1]);
                $offers[] = new Offer("{$supplier}-{$string}-again", $supplier, $each + 20, ["s{$string}" => 1]);
                $offers[] = new Offer("{$supplier}-{$string}-box", $supplier, 5 * $each, ["s{$string}" => 6]);
            }
            $offers[] = new Offer("{$supplier}-set", $supplier, 900, array_fill_keys(['s0', 's1', 's2', 's3', 's4', 's5'], 1));
        }

        self::assertTrue(CheapestBasket::of($need, $offers, $shipping, Budget::ofSteps($steps))?->isProven());
        self::assertFalse(CheapestBasket::of($need, $offers, $shipping, Budget::ofSteps(intdiv($steps, 10)))?->isProven());
    }

    /** @return iterable<array{int, int}> */
    public static function orders(): iterable
    {
        yield [5, 370];
        yield [6, 630];
        yield [7, 4350];
        yield [8, 76];
    }

    /** Ten strings, six sets and boxes of one supplier: more to look through than the short rounds allow, and proven all the same. */
    public function test_an_order_that_takes_long_is_searched_to_its_end(): void
    {
        $random = new Randomizer(new Mt19937(10));
        [$need, $offers] = [[], []];
        for ($string = 0; $string < 10; $string++) {
            $need["s{$string}"] = $random->getInt(2, 7);
        }
        for ($string = 0; $string < 10; $string++) {
            $each = $random->getInt(150, 400);
            $offers[] = new Offer("{$string}", 1, $each, ["s{$string}" => 1]);
            $offers[] = new Offer("{$string}-box", 1, (int) (4.3 * $each), ["s{$string}" => 6]);
        }
        for ($set = 0; $set < 6; $set++) {
            $contents = array_filter(
                array_map(static fn (): int => $random->getInt(0, 1) === 1 ? $random->getInt(1, 2) : 0, $need),
                static fn (int $count): bool => $count > 0,
            );
            $offers[] = new Offer("set{$set}", 1, $random->getInt(500, 1300), $contents === [] ? ['s0' => 1] : $contents);
        }

        self::assertFalse(CheapestBasket::of($need, $offers, [1 => new Shipping(500, 9000)], Budget::ofSteps(60_000))?->isProven());
        $basket = CheapestBasket::of($need, $offers, [1 => new Shipping(500, 9000)]);
        self::assertSame([true, 9001], [$basket?->isProven(), $basket?->totalCents()]);
    }

    public function test_what_nobody_offers_cannot_be_had_and_nothing_costs_nothing(): void
    {
        self::assertNull(CheapestBasket::of(['z' => 1], [new Offer('a', 1, 1, ['a' => 1])], [1 => new Shipping(0)]));
        self::assertNull(CheapestBasket::of(['z' => 1], [], []));
        self::assertSame(0, CheapestBasket::of([], [], [])?->totalCents());
    }

    public function test_one_more_is_bought_where_that_makes_the_parcel_free(): void
    {
        $offers = [new Offer('a', 1, 300, ['a' => 1]), new Offer('b', 1, 120, ['b' => 1])];
        $basket = CheapestBasket::of(['a' => 3, 'b' => 1], $offers, [1 => new Shipping(500, 1200)]);
        self::assertSame(
            [['a' => 3, 'b' => 3], ['b' => 2], [1 => 1260], [1 => 0]],
            [$basket?->counts, $basket?->over, $basket?->goodsCents, $basket?->shippingCents],
        );
        self::assertSame(['a' => 3, 'b' => 1], CheapestBasket::of(['a' => 3, 'b' => 1], $offers, [1 => new Shipping(230, 1200)])?->counts);
    }

    /** However short the search, what it says that no basket costs less than holds, and what it gives has everything. */
    public function test_a_search_cut_short_gives_a_basket_and_a_bound_that_holds(): void
    {
        $random = new Randomizer(new Mt19937(20260214));
        $cut = 0;
        for ($case = 0; $case < 60; $case++) {
            [$need, $offers, $shipping] = self::market($random, 4, 3);
            $whole = CheapestBasket::of($need, $offers, $shipping);
            self::assertTrue($whole?->isProven());
            foreach ([1, 5, 30] as $steps) {
                $short = CheapestBasket::of($need, $offers, $shipping, Budget::ofSteps($steps));
                self::assertInstanceOf(Basket::class, $short);
                self::assertLessThanOrEqual($whole->totalCents(), $short->atLeastCents, "case {$case}");
                self::assertGreaterThanOrEqual($whole->totalCents(), $short->totalCents(), "case {$case}");
                self::assertSame($short->totalCents(), self::cost($short->counts, $need, $offers, $shipping), "case {$case}");
                $cut += $short->isProven() ? 0 : 1;
            }
        }
        self::assertGreaterThan(20, $cut);
    }

    public function test_a_clock_ends_the_search(): void
    {
        [$need, $offers, $shipping] = self::market(new Randomizer(new Mt19937(5)), 24, 8);
        $looks = 0;
        // Each look at the clock takes a tenth of a second.
        $clock = static function () use (&$looks): float {
            return 0.1 * $looks++;
        };
        $basket = CheapestBasket::of($need, $offers, $shipping, Budget::ofSeconds(2.0, $clock));

        self::assertInstanceOf(Basket::class, $basket);
        self::assertFalse($basket->isProven());
        self::assertGreaterThan(0, $basket->atLeastCents);
        self::assertLessThan(40, $looks);
    }

    public function test_parcels_of_any_price_take_no_more_memory(): void
    {
        [$need, $offers] = self::market(new Randomizer(new Mt19937(5)), 12, 3);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        foreach ([1_000_000, 100_000_000] as $cents) {
            $basket = CheapestBasket::of($need, $offers, array_fill_keys([1, 2, 3], new Shipping($cents, $cents)), Budget::ofSteps(2000));
            self::assertInstanceOf(Basket::class, $basket);
            self::assertSame(
                self::cost($basket->counts, $need, $offers, array_fill_keys([1, 2, 3], new Shipping($cents, $cents))),
                $basket->totalCents(),
            );
        }
        self::assertLessThan(48e6, memory_get_peak_usage() - $before);
    }

    /**
     * @return array{non-empty-array<string, int>, list<Offer>, array<int, Shipping>} singles, boxes and sets of some strings from some
     *     suppliers
     */
    private static function market(Randomizer $random, int $kinds, int $suppliers): array
    {
        $need = ['k0' => $random->getInt(1, 4)];
        for ($kind = 1; $kind < $kinds; $kind++) {
            $need["k{$kind}"] = $random->getInt(1, 4);
        }
        [$offers, $shipping] = [[], []];
        for ($supplier = 1; $supplier <= $suppliers; $supplier++) {
            $shipping[$supplier] = new Shipping(
                $random->getInt(0, 60) * 10,
                $random->getInt(0, 1) === 0 ? null : $random->getInt(5, 40) * 100,
            );
            foreach (array_keys($need) as $key) {
                $offers[] = new Offer("{$key} {$supplier}", $supplier, $random->getInt(150, 900), [$key => 1]);
                $offers[] = new Offer("box {$key} {$supplier}", $supplier, $random->getInt(900, 4000), [$key => 5]);
            }
            $offers[] = new Offer(
                "set {$supplier}",
                $supplier,
                $random->getInt(400, 2500),
                ['k0' => 1] + array_fill_keys(array_slice(array_keys($need), 0, 6), 1),
            );
        }

        return [$need, $offers, $shipping];
    }

    public function test_a_dearer_one_of_two_alike_is_taken_where_it_makes_the_parcel_free(): void
    {
        $offers = [new Offer('cheap', 1, 150, ['a' => 1]), new Offer('dear', 1, 250, ['a' => 1])];
        $basket = CheapestBasket::of(['a' => 1], $offers, [1 => new Shipping(200, 219)]);

        self::assertSame([['dear' => 1], 250, []], [$basket?->counts, $basket?->totalCents(), $basket?->over]);
        self::assertTrue($basket?->isProven());
        self::assertSame(['cheap' => 1], CheapestBasket::of(['a' => 1], $offers, [1 => new Shipping(90, 219)])?->counts);
    }

    public function test_what_is_not_needed_is_bought_where_that_costs_less_than_the_parcel(): void
    {
        $offers = [new Offer('a', 1, 400, ['a' => 1]), new Offer('cloth', 1, 110, ['cloth' => 1])];
        $basket = CheapestBasket::of(['a' => 1], $offers, [1 => new Shipping(300, 500)]);

        self::assertSame([['a' => 1, 'cloth' => 1], ['cloth' => 1], 510], [$basket?->counts, $basket?->over, $basket?->totalCents()]);
    }

    /**
     * Every way to spend less than it does is tried, one offer after the other; none has all that is needed for less. Among the
     * offers are several of the same strings, and some of nothing that is needed.
     */
    public function test_nothing_cheaper_is_found_by_trying_everything(): void
    {
        $random = new Randomizer(new Mt19937(20260214));
        [$alike, $fillers, $free] = [0, 0, 0];
        for ($case = 0; $case < 500; $case++) {
            $keys = array_slice(['a', 'b', 'c'], 0, $random->getInt(1, 3));
            $need = array_combine($keys, array_map(static fn (): int => $random->getInt(1, 3), $keys));
            $freeFrom = static fn (): ?int => $random->getInt(0, 2) === 0 ? null : 50 * $random->getInt(3, 12) - $random->getInt(0, 1) * 31;
            $price = static fn (int $least, int $most): int => 50 * $random->getInt($least, $most);
            $shipping = [1 => new Shipping($price(2, 8), $freeFrom())];
            if ($case % 2 === 1) {
                $shipping[2] = new Shipping($price(2, 8), $freeFrom());
            }
            $offers = [];
            foreach (array_keys($shipping) as $supplier) {
                foreach ($keys as $key) {
                    $offers[] = new Offer("{$key}{$supplier}", $supplier, $price(1, 6), [$key => 1]);
                }
                $offers[] = new Offer("again{$supplier}", $supplier, $price(2, 8), [$keys[0] => 1]);
                $offers[] = new Offer("box{$supplier}", $supplier, $price(2, 10), [$keys[0] => 3]);
                $offers[] = new Offer("set{$supplier}", $supplier, $price(2, 12), array_fill_keys($keys, 1));
                $offers[] = new Offer("cloth{$supplier}", $supplier, $price(1, 6), ['cloth' => 1]);
            }
            $basket = CheapestBasket::of($need, $offers, $shipping);

            self::assertInstanceOf(Basket::class, $basket);
            self::assertTrue($basket->isProven(), "case {$case}");
            self::assertSame($basket->totalCents(), self::cost($basket->counts, $need, $offers, $shipping), "case {$case}");
            self::assertGreaterThanOrEqual(
                $basket->totalCents(),
                self::cheapestOfAll($need, $offers, $shipping, $basket->totalCents()),
                "case {$case}",
            );
            $alike += isset($basket->counts['again1']) || isset($basket->counts['again2']) ? 1 : 0;
            $fillers += isset($basket->over['cloth']) ? 1 : 0;
            $free += array_filter($basket->shippingCents, static fn (int $cents): bool => $cents === 0) === [] ? 0 : 1;
        }
        // The cases do try what they are for.
        self::assertGreaterThan(20, $alike);
        self::assertGreaterThan(8, $fillers);
        self::assertGreaterThan(100, $free);
    }

    /**
     * @param  non-empty-array<string, int>  $need
     * @param  list<Offer>  $offers
     * @param  array<int, Shipping>  $shipping
     * @param  int  $bound  what nobody needs to spend more than
     */
    private static function cheapestOfAll(array $need, array $offers, array $shipping, int $bound): int
    {
        $best = $bound;
        $start = [$need, array_fill_keys(array_keys($shipping), 0)];
        $seen = [json_encode($start) => true];
        for ($open = [$start]; $open !== [];) {
            [$missing, $goods] = array_pop($open);
            if (max($missing) === 0) {
                $cost = array_sum($goods);
                foreach ($goods as $supplier => $cents) {
                    $cost += $cents > 0 ? $shipping[$supplier]->for($cents) : 0;
                }
                $best = min($best, $cost);
            }
            foreach ($offers as $offer) {
                $spent = [$offer->supplier => $goods[$offer->supplier] + $offer->cents] + $goods;
                ksort($spent);
                $rest = $missing;
                foreach (array_intersect_key($offer->contents, $rest) as $key => $count) {
                    $rest[$key] = max(0, $rest[$key] - $count);
                }
                $state = (string) json_encode([$rest, $spent]);
                if (array_sum($spent) < $bound && ! isset($seen[$state])) {
                    $seen[$state] = true;
                    $open[] = [$rest, $spent];
                }
            }
        }

        return $best;
    }

    /**
     * @param  array<string, int>  $counts
     * @param  non-empty-array<string, int>  $need
     * @param  list<Offer>  $offers
     * @param  array<int, Shipping>  $shipping
     * @return ?int null where something is missing
     */
    private static function cost(array $counts, array $need, array $offers, array $shipping): ?int
    {
        $goods = [];
        foreach ($offers as $offer) {
            $count = $counts[$offer->id] ?? 0;
            $goods[$offer->supplier] = ($goods[$offer->supplier] ?? 0) + $count * $offer->cents;
            foreach ($offer->contents as $key => $has) {
                $need[$key] = ($need[$key] ?? 0) - $count * $has;
            }
        }
        $cost = array_sum($goods);
        foreach ($goods as $supplier => $cents) {
            $cost += $cents > 0 ? $shipping[$supplier]->for($cents) : 0;
        }

        return max($need) > 0 ? null : $cost;
    }
}
