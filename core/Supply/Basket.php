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
     * @param  array<string, int>  $over  how many more of a string it has than are needed
     * @param  int  $atLeastCents  it is known that no basket costs less than this
     */
    public function __construct(
        public array $counts,
        public array $goodsCents,
        public array $shippingCents,
        public array $over,
        public int $atLeastCents = 0,
    ) {}

    public static function nothing(): self
    {
        return new self([], [], [], []);
    }

    /** The same with what is known of all others. */
    public function knowing(int $atLeastCents): self
    {
        return new self($this->counts, $this->goodsCents, $this->shippingCents, $this->over, min($atLeastCents, $this->totalCents()));
    }

    public function totalCents(): int
    {
        return array_sum($this->goodsCents) + array_sum($this->shippingCents);
    }

    /** Whether it is known that none is cheaper. */
    public function isProven(): bool
    {
        return $this->atLeastCents >= $this->totalCents();
    }
}
