<?php

declare(strict_types=1);

namespace Lira\Supply;

/** Something a supplier sells: one string, a box of them, or a packaged set. Prices in hundredths. */
final readonly class Offer
{
    /**
     * @param  string  $id  by which it is known again
     * @param  int  $cents  at least 0
     * @param  non-empty-array<string, int>  $contents  how many of each string are in it, at least 1
     */
    public function __construct(public string $id, public int $supplier, public int $cents, public array $contents) {}
}
