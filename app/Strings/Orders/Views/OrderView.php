<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

use App\Models\OrderStatus;

/** An order that was placed. */
final readonly class OrderView
{
    /**
     * @param  string  $name  what it is for
     * @param  int  $kept  strings of the drawer that are kept for what was placed with it
     * @param  ?string  $due_on  the day
     * @param  string  $since  the day
     * @param  list<PlacedLineView>  $lines
     */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $name,
        public int $kept,
        public OrderStatus $status,
        public string $currency,
        public int $shipping_cents,
        public ?string $due_on,
        public string $since,
        public int $total_cents,
        public array $lines,
    ) {}
}
