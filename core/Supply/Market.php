<?php

declare(strict_types=1);

namespace Lira\Supply;

/** What is offered of what is needed, put in order once for every choice of suppliers. */
final readonly class Market
{
    /**
     * @param  non-empty-array<string, int>  $need  how many of each string
     * @param  array<string, non-empty-list<Offer>>  $covering  by string, what is cheapest a string first
     * @param  array<string, float>  $each  by offer, what one of its useful strings costs at least
     * @param  array<string, string>  $kinds  by offer: alike where it has the same useful strings
     * @param  array<int, Shipping>  $shipping  by supplier
     * @param  array<int, TopUp>  $topUps  by supplier
     * @param  array<string, Offer>  $offers  by id, needed or not
     */
    private function __construct(
        public array $need,
        public array $covering,
        public array $each,
        public array $kinds,
        public array $shipping,
        public array $topUps,
        public array $offers,
    ) {}

    /**
     * @param  non-empty-array<string, int>  $need
     * @param  list<Offer>  $offers
     * @param  array<int, Shipping>  $shipping
     * @return ?self null where some string is offered by nobody
     */
    public static function of(array $need, array $offers, array $shipping): ?self
    {
        [$covering, $each, $kinds] = [[], [], []];
        $bySupplier = array_fill_keys(array_keys($shipping), []);
        foreach ($offers as $offer) {
            $useful = array_intersect_key($offer->contents, $need);
            if (! isset($shipping[$offer->supplier])) {
                continue;
            }
            // What is not needed at all can still make a parcel free.
            $bySupplier[$offer->supplier][] = $offer;
            if ($useful === []) {
                continue;
            }
            ksort($useful);
            // What is more than needed of a string is of no use.
            $size = array_sum(array_map(static fn (string $key): int => min($useful[$key], $need[$key]), array_keys($useful)));
            $each[$offer->id] = $offer->cents / $size;
            $kinds[$offer->id] = http_build_query($useful);
            foreach (array_keys($useful) as $key) {
                $covering[$key][] = $offer;
            }
        }
        if (array_diff_key($need, $covering) !== []) {
            return null;
        }
        foreach ($covering as $key => $some) {
            usort($some, static fn (Offer $a, Offer $b): int => $each[$a->id] <=> $each[$b->id]);
            $covering[$key] = $some;
        }

        return new self(
            $need,
            $covering,
            $each,
            $kinds,
            $shipping,
            array_map(static fn (array $own): TopUp => new TopUp($own), $bySupplier),
            array_column($offers, null, 'id'),
        );
    }

    /** The least that anything can cost: each string at its cheapest anywhere, and the cheapest parcel. */
    public function leastOfAll(): int
    {
        $cents = 0.0;
        foreach ($this->need as $key => $count) {
            $cents += $count * $this->each[$this->covering[$key][0]->id];
        }
        $parcels = array_map(static fn (Shipping $parcel): int => $parcel->freeFromCents === null ? $parcel->cents : 0, $this->shipping);

        return (int) ceil($cents - 1e-6) + ($parcels === [] ? 0 : min($parcels));
    }
}
