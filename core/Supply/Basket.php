<?php

declare(strict_types=1);

namespace Lira\Supply;

/** What is bought, and what it costs; hundredths. */
final readonly class Basket
{
    /**
     * @param  array<string, int>  $counts  how many of each offer, by its id
     * @param  array<int, int>  $goodsCents  by supplier
     * @param  array<int, int>  $shippingCents  by supplier
     * @param  bool  $proven  whether it is known that none is cheaper
     * @param  array<string, int>  $over  how many more of a string it has than are needed
     */
    public function __construct(public array $counts, public array $goodsCents, public array $shippingCents, public array $over, public bool $proven = true) {}

    public function unproven(): self
    {
        return new self($this->counts, $this->goodsCents, $this->shippingCents, $this->over, false);
    }

    public function totalCents(): int
    {
        return array_sum($this->goodsCents) + array_sum($this->shippingCents);
    }
}
