<?php

declare(strict_types=1);

namespace Lira\Supply;

/**
 * The cheapest mix of single strings, boxes and packaged sets that has everything that is needed, parcels included. Exact:
 * for every choice of suppliers a branch and bound over what covers the first string that is still missing; what is left to
 * cover costs at least its cheapest price per string. Where a parcel becomes free from some sum on, and one more of what is
 * needed anyway costs less than the parcel, that is bought too.
 */
final class CheapestBasket
{
    public const MOST_SUPPLIERS = 8;

    /** So many steps are taken for one choice of suppliers; after that the best that was found is given, and said not to be proven. */
    private const MOST_STEPS = 250_000;

    private int $steps = 0;

    private ?Basket $best = null;

    private int $bestCents = PHP_INT_MAX;

    /** @var array<string, int> */
    private array $seen = [];

    /** @var array<string, list<Offer>> by the string they have, what is cheapest for it first */
    private array $covering = [];

    /** @var array<int, bool> whether a supplier's parcel can become free in any basket that is cheap enough */
    private array $mayBeFree = [];

    /** @var array<string, float> the least that one of a string can cost */
    private array $least = [];

    /**
     * @param  array<string, int>  $need
     * @param  array<int, Shipping>  $shipping  of the suppliers that are used
     */
    private function __construct(private readonly array $need, private readonly array $shipping) {}

    /**
     * @param  array<string, int>  $need  how many of each string, at least 1
     * @param  list<Offer>  $offers
     * @param  array<int, Shipping>  $shipping  by supplier, at most {@see self::MOST_SUPPLIERS}
     * @return ?Basket null where some string is offered by nobody
     */
    public static function of(array $need, array $offers, array $shipping): ?Basket
    {
        $suppliers = array_keys($shipping);
        [$best, $proven] = [null, true];
        for ($choice = 1; $choice < 1 << count($suppliers); $choice++) {
            $used = array_filter($shipping, static fn (int $supplier): bool => ($choice >> (int) array_search($supplier, $suppliers, true) & 1) === 1, ARRAY_FILTER_USE_KEY);
            $search = new self($need, $used);
            $search->bestCents = $best?->totalCents() ?? PHP_INT_MAX;
            $best = $search->search($offers) ?? $best;
            $proven = $proven && $search->steps <= self::MOST_STEPS;
        }
        if ($need === []) {
            return new Basket([], [], [], []);
        }

        return $proven ? $best : $best?->unproven();
    }

    /** @param  list<Offer>  $offers */
    private function search(array $offers): ?Basket
    {
        foreach (array_keys($this->need) as $key) {
            $this->covering[$key] = [];
            $this->least[$key] = INF;
        }
        foreach ($offers as $offer) {
            $useful = array_intersect_key($offer->contents, $this->need);
            if (! isset($this->shipping[$offer->supplier]) || $useful === []) {
                continue;
            }
            // What is more than needed of a string is of no use.
            $size = array_sum(array_map(fn (string $key): int => min($useful[$key], $this->need[$key]), array_keys($useful)));
            foreach (array_keys($useful) as $key) {
                $this->covering[$key][] = $offer;
                $this->least[$key] = min($this->least[$key], $offer->cents / $size);
            }
        }
        foreach ($this->covering as $key => $covering) {
            if ($covering === []) {
                return null;
            }
            usort($this->covering[$key], static fn (Offer $a, Offer $b): int => $a->cents / array_sum($a->contents) <=> $b->cents / array_sum($b->contents));
        }
        $this->bound();
        $this->step($this->need, [], array_fill_keys(array_keys($this->shipping), 0));

        return $this->best;
    }

    /** What costs more than each string bought at its cheapest is not looked at; nor is, of alike offers, any but the cheapest. */
    private function bound(): void
    {
        $counts = [];
        $goods = array_fill_keys(array_keys($this->shipping), 0);
        foreach ($this->need as $key => $count) {
            $offer = $this->covering[$key][0];
            $times = (int) ceil($count / $offer->contents[$key]);
            $counts[$offer->id] = ($counts[$offer->id] ?? 0) + $times;
            $goods[$offer->supplier] += $times * $offer->cents;
        }
        $this->keep($counts, $goods);
        foreach ($this->shipping as $supplier => $parcel) {
            $this->mayBeFree[$supplier] = $parcel->freeFromCents !== null && $parcel->freeFromCents < $this->bestCents;
        }
        foreach ($this->covering as $key => $covering) {
            $alike = [];
            foreach ($covering as $offer) {
                $contents = array_intersect_key($offer->contents, $this->need);
                ksort($contents);
                // Where a parcel may become free, what is spent there counts.
                $kind = ($this->mayBeFree[$offer->supplier] ? $offer->supplier : '').json_encode($contents);
                if (! isset($alike[$kind]) || $offer->cents < $alike[$kind]->cents) {
                    $alike[$kind] = $offer;
                }
            }
            $this->covering[$key] = array_values($alike);
        }
    }

    /**
     * @param  array<string, int>  $missing
     * @param  array<string, int>  $counts
     * @param  array<int, int>  $goods  spent at each supplier
     */
    private function step(array $missing, array $counts, array $goods): void
    {
        if (++$this->steps > self::MOST_STEPS || $this->atLeast($missing, $goods) >= $this->bestCents || $this->wasReached($missing, $goods)) {
            return;
        }
        $first = null;
        foreach ($missing as $key => $count) {
            if ($count > 0 && ($first === null || count($this->covering[$key]) < count($this->covering[$first]))) {
                $first = $key;
            }
        }
        if ($first === null) {
            $this->keep($counts, $goods);

            return;
        }
        foreach ($this->covering[$first] as $offer) {
            $rest = $missing;
            foreach ($offer->contents as $key => $count) {
                if (isset($rest[$key])) {
                    $rest[$key] = max(0, $rest[$key] - $count);
                }
            }
            $this->step($rest, [$offer->id => ($counts[$offer->id] ?? 0) + 1] + $counts, [$offer->supplier => $goods[$offer->supplier] + $offer->cents] + $goods);
        }
    }

    /**
     * @param  array<string, int>  $missing
     * @param  array<int, int>  $goods
     */
    private function atLeast(array $missing, array $goods): int
    {
        $cents = (float) array_sum($goods);
        foreach ($missing as $key => $count) {
            $cents += $count * $this->least[$key];
        }
        foreach ($this->shipping as $supplier => $shipping) {
            $cents += $this->mayBeFree[$supplier] ? 0 : $shipping->cents;
        }

        return (int) ceil($cents - 1e-6);
    }

    /**
     * Whether the same was missing before for no more money; where parcels may become free, with as much spent towards that.
     *
     * @param  array<string, int>  $missing
     * @param  array<int, int>  $goods
     */
    private function wasReached(array $missing, array $goods): bool
    {
        $towards = [];
        foreach ($this->shipping as $supplier => $shipping) {
            $towards[] = $this->mayBeFree[$supplier] ? min($goods[$supplier], (int) $shipping->freeFromCents) : 0;
        }
        ksort($missing);
        $state = implode(',', $missing).'|'.implode(',', $towards);
        $cents = array_sum($goods);
        if (($this->seen[$state] ?? PHP_INT_MAX) <= $cents) {
            return true;
        }
        $this->seen[$state] = $cents;

        return false;
    }

    /**
     * @param  array<string, int>  $counts
     * @param  array<int, int>  $goods
     */
    private function keep(array $counts, array $goods): void
    {
        foreach (array_keys($this->shipping) as $supplier) {
            foreach ($this->toppedUp($supplier, $goods[$supplier]) as $offer) {
                $counts[$offer->id] = ($counts[$offer->id] ?? 0) + 1;
                $goods[$supplier] += $offer->cents;
            }
        }
        $shipping = [];
        foreach ($this->shipping as $supplier => $parcel) {
            if ($goods[$supplier] > 0) {
                $shipping[$supplier] = $parcel->for($goods[$supplier]);
            }
        }
        $cents = array_sum($goods) + array_sum($shipping);
        if ($cents >= $this->bestCents) {
            return;
        }
        ksort($counts);
        $has = [];
        foreach ($this->covering as $offers) {
            foreach ($offers as $offer) {
                foreach (isset($counts[$offer->id]) ? $offer->contents : [] as $key => $count) {
                    $has[$key][$offer->id] = $count * $counts[$offer->id];
                }
            }
        }
        $over = array_filter(array_map(fn (array $from, string $key): int => (int) array_sum($from) - ($this->need[$key] ?? 0), $has, array_keys($has)), static fn (int $more): bool => $more > 0);
        $keys = array_keys($has);
        $this->bestCents = $cents;
        $this->best = new Basket($counts, array_filter($goods, static fn (int $spent): bool => $spent > 0), $shipping, array_combine(array_map(static fn (int $at): string => $keys[$at], array_keys($over)), $over));
    }

    /**
     * What more is bought so that the parcel is free: the least that reaches the sum, if it costs less than the parcel.
     *
     * @return list<Offer>
     */
    private function toppedUp(int $supplier, int $spent): array
    {
        $parcel = $this->shipping[$supplier];
        $gap = ($parcel->freeFromCents ?? 0) - $spent;
        if ($spent === 0 || $parcel->freeFromCents === null || $gap <= 0 || $gap >= $parcel->cents) {
            return [];
        }
        // The fewest cents that can be spent in every way below the parcel's price, and on what.
        $reached = [0 => []];
        for ($cents = 0; $cents < $parcel->cents; $cents++) {
            if (! isset($reached[$cents])) {
                continue;
            }
            if ($cents >= $gap) {
                return $reached[$cents];
            }
            foreach ($this->covering as $offers) {
                foreach ($offers as $offer) {
                    if ($offer->supplier === $supplier && $offer->cents > 0) {
                        $reached[$cents + $offer->cents] ??= [...$reached[$cents], $offer];
                    }
                }
            }
        }

        return [];
    }
}
