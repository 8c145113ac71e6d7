<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** So many of a lot of the drawer. */
final readonly class TakenView
{
    /**
     * @param  string  $name  of the lot
     * @param  int  $gauge_nm  outer diameter, nanometres
     */
    public function __construct(
        public string $name,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public int $count,
    ) {}
}
