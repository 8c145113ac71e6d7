<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

use App\Models\LineKind;

/** One thing of an order that is planned. */
final readonly class OrderLineView
{
    /**
     * @param  int  $strings  how many one of it has
     * @param  int  $cents  price of one of it
     */
    public function __construct(
        public LineKind $kind,
        public string $code,
        public string $name,
        public int $strings,
        public int $count,
        public int $cents,
    ) {}
}
