<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** So many of a string. */
final readonly class CountedView
{
    /**
     * @param  int  $gauge_nm  outer diameter, nanometres
     */
    public function __construct(
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public int $count,
    ) {}
}
