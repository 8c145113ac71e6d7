<?php

declare(strict_types=1);

namespace Lira\Supply;

/**
 * What more to buy of one supplier so that its parcel is free: the least that reaches the sum. Sums up to {@see self::EXACT}
 * are looked up in a table of all that can be spent, made once; above that as many of the dearest offer as leave such a sum.
 */
final class TopUp
{
    /** Hundredths. What is beyond is bought in good measure, not in the best. */
    private const EXACT = 20_000;

    /** @var list<Offer> with a price */
    private readonly array $offers;

    /** @var array<int, int> by every sum that can be spent the offer bought last for it; -1 for nothing spent */
    private array $last = [0 => -1];

    private int $done = 0;

    /** @param  list<Offer>  $offers  of the supplier, of use or not dearer than their use */
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
        $dearest = $this->offers === [] ? null : $this->offers[count($this->offers) - 1];
        if ($dearest === null || $gap >= $most) {
            return null;
        }
        $many = $gap > self::EXACT ? intdiv($gap - self::EXACT, $dearest->cents) + 1 : 0;
        $rest = $gap - $many * $dearest->cents;
        if ($rest <= 0) {
            return $many * $dearest->cents < $most ? [[$dearest, $many]] : null;
        }
        $sum = $this->least($rest, min($most - $many * $dearest->cents, self::EXACT + $dearest->cents + 1));
        if ($sum === null) {
            return null;
        }
        $counts = $many > 0 ? [count($this->offers) - 1 => $many] : [];
        for (; $sum > 0; $sum -= $this->offers[$this->last[$sum]]->cents) {
            $counts[$this->last[$sum]] = ($counts[$this->last[$sum]] ?? 0) + 1;
        }

        return array_map(fn (int $at, int $count): array => [$this->offers[$at], $count], array_keys($counts), array_values($counts));
    }

    /** The least sum from `$from` on, and below `$below`, that can be spent. */
    private function least(int $from, int $below): ?int
    {
        for (; $this->done < $below; $this->done++) {
            if (isset($this->last[$this->done])) {
                foreach ($this->offers as $at => $offer) {
                    $this->last[$this->done + $offer->cents] ??= $at;
                }
            }
        }
        for ($sum = $from; $sum < $below; $sum++) {
            if (isset($this->last[$sum])) {
                return $sum;
            }
        }

        return null;
    }
}
