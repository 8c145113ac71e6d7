<?php

declare(strict_types=1);

namespace Lira\Supply;

/**
 * What more to buy of one supplier so that its parcel is free: the least that reaches a sum, exactly. For every remainder by the
 * cheapest price the least sum with that remainder is kept; from there the cheapest offer alone goes on.
 */
final class TopUp
{
    /** @var list<Offer> with a price, one of each, cheapest first */
    private readonly array $offers;

    /** @var array<int, int>|null by remainder the least sum that can be spent; once it was asked for */
    private ?array $least = null;

    /** @var array<int, int> by remainder the offer bought last for that sum */
    private array $last = [];

    /** @param  list<Offer>  $offers  of the supplier, needed or not */
    public function __construct(array $offers)
    {
        $byPrice = [];
        foreach ($offers as $offer) {
            if ($offer->cents > 0) {
                $byPrice[$offer->cents] ??= $offer;
            }
        }
        ksort($byPrice);
        $this->offers = array_values($byPrice);
    }

    /**
     * The cheapest that costs at least `$gap` and less than `$most`.
     *
     * @return list<array{Offer, int}>|null each with how many of it; null where there is none
     */
    public function reaching(int $gap, int $most): ?array
    {
        if ($this->offers === [] || $gap >= $most) {
            return null;
        }
        $cheapest = $this->offers[0]->cents;
        $best = $most;
        foreach ($this->least ??= $this->sums() as $sum) {
            $best = min($best, $sum >= $gap ? $sum : $sum + intdiv($gap - $sum + $cheapest - 1, $cheapest) * $cheapest);
        }

        return $best >= $most ? null : $this->spent($best);
    }

    /** @return array<int, int> by remainder the least sum that can be spent */
    private function sums(): array
    {
        $modulus = $this->offers[0]->cents;
        $least = [0 => 0];
        foreach ($this->offers as $at => $offer) {
            $rings = self::greatestCommonDivisor($offer->cents, $modulus);
            for ($ring = 0; $ring < $rings; $ring++) {
                // Twice round each ring of remainders that this offer leads through: the second time from its least sum.
                $sum = null;
                for ($step = 0, $remainder = $ring; $step < 2 * intdiv($modulus, $rings); $step++) {
                    $remainder = ($remainder + $offer->cents) % $modulus;
                    $sum = $sum === null ? null : $sum + $offer->cents;
                    $known = $least[$remainder] ?? null;
                    if ($sum !== null && ($known === null || $sum < $known)) {
                        $least[$remainder] = $sum;
                        $this->last[$remainder] = $at;
                    } else {
                        $sum = $known ?? $sum;
                    }
                }
            }
        }

        return $least;
    }

    /** @return list<array{Offer, int}> */
    private function spent(int $sum): array
    {
        $modulus = $this->offers[0]->cents;
        $counts = [];
        while ($sum > 0) {
            $over = $sum - ($this->least[$sum % $modulus] ?? 0);
            if ($over > 0) {
                $counts[0] = ($counts[0] ?? 0) + intdiv($over, $modulus);
                $sum -= $over;
            } else {
                $last = $this->last[$sum % $modulus] ?? 0;
                $counts[$last] = ($counts[$last] ?? 0) + 1;
                $sum -= $this->offers[$last]->cents;
            }
        }

        return array_map(fn (int $at, int $count): array => [$this->offers[$at], $count], array_keys($counts), array_values($counts));
    }

    private static function greatestCommonDivisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::greatestCommonDivisor($b, $a % $b);
    }
}
