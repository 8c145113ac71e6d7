<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

/** What would be ordered from one supplier. */
final readonly class PlannedOrderView
{
    /**
     * @param  list<OrderLineView>  $lines
     */
    public function __construct(
        public string $supplier,
        public string $currency,
        public int $lead_days,
        public int $goods_cents,
        public int $shipping_cents,
        public array $lines,
    ) {}
}
