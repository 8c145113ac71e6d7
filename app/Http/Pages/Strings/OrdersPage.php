<?php

declare(strict_types=1);

namespace App\Http\Pages\Strings;

use App\Http\Pages\Page;
use App\Strings\Orders\Views\OrderView;
use App\Strings\Orders\Views\WantedView;

/** Orders, and what is to be ordered. */
final readonly class OrdersPage extends Page
{
    /**
     * @param  list<OrderView>  $orders
     * @param  list<WantedView>  $wanted  what is on the order list
     * @param  list<array{id: int, name: string}>  $begin  designs that an order is begun for
     */
    public function __construct(
        public array $orders,
        public array $wanted,
        public array $begin,
    ) {}
}
