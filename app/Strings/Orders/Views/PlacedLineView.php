<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

use App\Models\LineKind;

/** One thing of an order that was placed. */
final readonly class PlacedLineView
{
    /**
     * @param  int  $strings  how many one of it has
     * @param  int  $cents  price of one of it
     * @param  int  $sent  that arrived and wait to be put into the drawer
     * @param  int  $received  that are in the drawer
     */
    public function __construct(
        public int $id,
        public LineKind $kind,
        public string $code,
        public string $name,
        public int $strings,
        public int $count,
        public int $cents,
        public int $sent,
        public int $received,
    ) {}
}
