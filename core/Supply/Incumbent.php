<?php

declare(strict_types=1);

namespace Lira\Supply;

/** The cheapest basket that was found so far. */
final class Incumbent
{
    private ?Basket $basket = null;

    private int $cents = PHP_INT_MAX;

    public function basket(): ?Basket
    {
        return $this->basket;
    }

    /** What a basket has to cost less than. */
    public function cents(): int
    {
        return $this->cents;
    }

    public function take(Basket $basket): void
    {
        if ($basket->totalCents() < $this->cents) {
            $this->basket = $basket;
            $this->cents = $basket->totalCents();
        }
    }
}
