<?php

declare(strict_types=1);

namespace Lira\Supply;

/**
 * The cheapest basket from one choice of suppliers, a parcel from each: a branch and bound over what covers the string with the
 * fewest ways to be had of those still missing. What is left to cover costs at least its cheapest price per string. Where a
 * parcel becomes free from some sum on, and more of what is needed anyway costs less than the parcel, that is bought too.
 */
final class BasketSearch
{
    /** So many states are remembered; more would take more memory than they save time. */
    private const MOST_REMEMBERED = 100_000;

    /** @var array<string, int> what was spent when a state was reached before */
    private array $seen = [];

    /** @var array<string, float> the least that one of a string can cost */
    private array $least = [];

    private bool $complete = true;

    private int $left = 0;

    /** @var non-empty-list<array{int, int}> the ways parcels can be free: what has to be spent for it, and what the other parcels cost */
    private array $parcels;

    /**
     * @param  array<string, non-empty-list<Offer>>  $covering  by the string they have, what is cheapest for it first
     * @param  array<int, Shipping>  $shipping  of the suppliers that are used
     * @param  array<int, bool>  $mayBeFree  whether a supplier's parcel can become free in any basket that is cheap enough
     */
    private function __construct(
        private readonly Market $market,
        private array $covering,
        private readonly array $shipping,
        private array $mayBeFree,
        private readonly Incumbent $best,
        private readonly Budget $budget,
    ) {
        foreach ($covering as $key => $offers) {
            $this->least[$key] = $market->each[$offers[0]->id];
        }
        $this->parcels = $this->parcels();
    }

    /**
     * Of all choices of parcels that are free those that another one does not beat: by how much has to be spent for them, and
     * what the other parcels cost.
     *
     * @return non-empty-list<array{int, int}> what has to be spent, and the cost
     */
    private function parcels(): array
    {
        $ways = [[0, array_sum(array_map(static fn (Shipping $parcel): int => $parcel->cents, $this->shipping))]];
        foreach ($this->shipping as $parcel) {
            if ($parcel->freeFromCents !== null && $parcel->cents > 0) {
                foreach ($ways as [$spent, $cost]) {
                    if ($spent + $parcel->freeFromCents < $this->best->cents()) {
                        $ways[] = [$spent + $parcel->freeFromCents, $cost - $parcel->cents];
                    }
                }
            }
        }
        sort($ways);
        $kept = [];
        foreach ($ways as $way) {
            if ($kept === [] || $way[1] < $kept[count($kept) - 1][1]) {
                $kept[] = $way;
            }
        }

        return $kept;
    }

    /**
     * @param  non-empty-list<int>  $suppliers
     * @return ?self null where they do not have everything
     */
    public static function among(Market $market, array $suppliers, Incumbent $best, Budget $budget): ?self
    {
        $shipping = array_intersect_key($market->shipping, array_fill_keys($suppliers, true));
        $covering = [];
        foreach ($market->covering as $key => $offers) {
            $from = array_values(array_filter($offers, static fn (Offer $offer): bool => isset($shipping[$offer->supplier])));
            if ($from === []) {
                return null;
            }
            $covering[$key] = $from;
        }

        return new self(
            $market,
            $covering,
            $shipping,
            array_map(static fn (Shipping $parcel): bool => $parcel->freeFromCents !== null, $shipping),
            $best,
            $budget,
        );
    }

    /** The least that anything from these suppliers can cost. */
    public function atLeast(): int
    {
        return $this->atLeastFor($this->market->need, array_fill_keys(array_keys($this->shipping), 0));
    }

    /** Tries what looks best string after string, to know what others have to cost less than. */
    public function simple(): void
    {
        $missing = $this->market->need;
        $counts = [];
        $goods = array_fill_keys(array_keys($this->shipping), 0);
        foreach (array_keys($missing) as $key) {
            while ($missing[$key] > 0) {
                $offer = $this->bestFor($key, $missing);
                // As many as are of use whole, or else one.
                $times = max(
                    1,
                    min(array_map(
                        static fn (string $of, int $count): int => intdiv($missing[$of] ?? 0, $count),
                        array_keys($offer->contents),
                        $offer->contents,
                    )),
                );
                $counts[$offer->id] = ($counts[$offer->id] ?? 0) + $times;
                $goods[$offer->supplier] += $times * $offer->cents;
                foreach ($offer->contents as $of => $count) {
                    if (isset($missing[$of])) {
                        $missing[$of] = max(0, $missing[$of] - $times * $count);
                    }
                }
            }
        }
        $this->keep($counts, $goods);
    }

    /**
     * What costs least for each of its strings that are still missing.
     *
     * @param  array<string, int>  $missing
     */
    private function bestFor(string $key, array $missing): Offer
    {
        [$best, $price] = [$this->covering[$key][0], INF];
        foreach ($this->covering[$key] as $offer) {
            if ($this->market->each[$offer->id] >= $price) {
                break;
            }
            $useful = 0;
            foreach ($offer->contents as $of => $count) {
                $useful += min($count, $missing[$of] ?? 0);
            }
            if ($offer->cents < $price * $useful) {
                [$best, $price] = [$offer, $offer->cents / $useful];
            }
        }

        return $best;
    }

    /** Looks through all there is, in at most so many steps. Whether it came to the end. */
    public function exhaust(int $steps): bool
    {
        if ($this->budget->isOver()) {
            return false;
        }
        $this->parcels = $this->parcels();
        if ($this->atLeast() >= $this->best->cents()) {
            return true;
        }
        foreach ($this->shipping as $supplier => $parcel) {
            $this->mayBeFree[$supplier] = $parcel->freeFromCents !== null && $parcel->freeFromCents < $this->best->cents();
        }
        $this->leaveOutAlike();
        $this->left = $steps;
        $this->complete = true;
        $this->step($this->market->need, [], array_fill_keys(array_keys($this->shipping), 0));
        $this->seen = [];

        return $this->complete;
    }

    /**
     * Of offers with the same strings none but the cheapest is looked at; where a parcel may become free all of that supplier's are,
     * since a dearer one can be what reaches the sum.
     */
    private function leaveOutAlike(): void
    {
        foreach ($this->covering as $key => $covering) {
            $alike = [];
            foreach ($covering as $offer) {
                $kind = $this->mayBeFree[$offer->supplier]
                    ? "{$offer->supplier}:{$offer->cents}:{$this->market->kinds[$offer->id]}"
                    : ":{$this->market->kinds[$offer->id]}";
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
        if (! $this->complete || $this->left-- <= 0 || ! $this->budget->step()) {
            $this->complete = false;

            return;
        }
        if ($this->atLeastFor($missing, $goods) >= $this->best->cents() || $this->wasReached($missing, $goods)) {
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
            $this->step(
                $rest,
                [$offer->id => ($counts[$offer->id] ?? 0) + 1] + $counts,
                [$offer->supplier => $goods[$offer->supplier] + $offer->cents] + $goods,
            );
        }
    }

    /**
     * @param  array<string, int>  $missing
     * @param  array<int, int>  $goods
     */
    private function atLeastFor(array $missing, array $goods): int
    {
        $cents = (float) array_sum($goods);
        foreach ($missing as $key => $count) {
            $cents += $count * $this->least[$key];
        }
        $goods = (int) ceil($cents - 1e-6);
        $least = PHP_INT_MAX;
        foreach ($this->parcels as [$spent, $cost]) {
            $least = min($least, max($goods, $spent) + $cost);
        }

        return $least;
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
        $state = implode(',', $missing).'|'.implode(',', $towards);
        $cents = array_sum($goods);
        if (($this->seen[$state] ?? PHP_INT_MAX) <= $cents) {
            return true;
        }
        if (isset($this->seen[$state]) || count($this->seen) < self::MOST_REMEMBERED) {
            $this->seen[$state] = $cents;
        }

        return false;
    }

    /**
     * @param  array<string, int>  $counts
     * @param  array<int, int>  $goods
     */
    private function keep(array $counts, array $goods): void
    {
        foreach ($this->shipping as $supplier => $parcel) {
            foreach ($this->toppedUp($supplier, $parcel, $goods[$supplier]) as [$offer, $count]) {
                $counts[$offer->id] = ($counts[$offer->id] ?? 0) + $count;
                $goods[$supplier] += $count * $offer->cents;
            }
        }
        $shipping = [];
        foreach ($this->shipping as $supplier => $parcel) {
            if ($goods[$supplier] > 0) {
                $shipping[$supplier] = $parcel->for($goods[$supplier]);
            }
        }
        if (array_sum($goods) + array_sum($shipping) >= $this->best->cents()) {
            return;
        }
        ksort($counts);
        $this->best->take(
            new Basket($counts, array_filter($goods, static fn (int $spent): bool => $spent > 0), $shipping, $this->over($counts)),
        );
    }

    /** @return list<array{Offer, int}> what more is bought so that the parcel is free, if it costs less than the parcel */
    private function toppedUp(int $supplier, Shipping $parcel, int $spent): array
    {
        return $spent === 0 || $parcel->freeFromCents === null || $spent >= $parcel->freeFromCents ? []
            : $this->market->topUps[$supplier]->reaching($parcel->freeFromCents - $spent, $parcel->cents) ?? [];
    }

    /**
     * @param  array<string, int>  $counts
     * @return array<string, int> how many more there are of a string than are needed
     */
    private function over(array $counts): array
    {
        $has = [];
        foreach ($counts as $id => $bought) {
            foreach ($this->market->offers[$id]->contents as $key => $count) {
                $has[$key] = ($has[$key] ?? 0) + $count * $bought;
            }
        }
        $over = [];
        foreach ($has as $key => $count) {
            $more = $count - ($this->market->need[$key] ?? 0);
            if ($more > 0) {
                $over[$key] = $more;
            }
        }

        return $over;
    }
}
