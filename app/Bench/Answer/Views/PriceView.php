<?php

declare(strict_types=1);

namespace App\Bench\Answer\Views;

/** What the strings of a set cost where they are sold. */
final readonly class PriceView
{
    /**
     * @param  int  $cents  of all that is bought, shipping included
     * @param  int  $from_drawer  strings that lie in the drawer
     * @param  list<string>  $suppliers  where it is bought
     * @param  list<string>  $missing  gauges that nobody lists, in the reader’s unit
     */
    public function __construct(
        public int $cents,
        public string $currency,
        public int $from_drawer,
        public array $suppliers,
        public array $missing,
    ) {}
}
