<?php

declare(strict_types=1);

namespace App\Strings\Drawer\Views;

use Lira\Kind\StringEnd;

/** Strings that came into the drawer together. */
final readonly class LotView
{
    /**
     * @param  int  $kept  of these for orders
     * @param  ?int  $cents  what one cost
     * @param  string  $since  the day
     * @param  string  $ball_colour  of its ball ends; empty where they have none of their own
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?StringEnd $end,
        public int $quantity,
        public int $kept,
        public ?int $cents,
        public string $note,
        public string $since,
        public string $ball_colour,
    ) {}
}
