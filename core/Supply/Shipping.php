<?php

declare(strict_types=1);

namespace Lira\Supply;

/** What a supplier's parcel costs, hundredths; nothing from some sum on, where there is one. */
final readonly class Shipping
{
    public function __construct(public int $cents, public ?int $freeFromCents = null) {}

    /** For goods of that sum. */
    public function for(int $goodsCents): int
    {
        return $this->freeFromCents !== null && $goodsCents >= $this->freeFromCents ? 0 : $this->cents;
    }
}
