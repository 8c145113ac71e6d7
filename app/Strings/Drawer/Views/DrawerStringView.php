<?php

declare(strict_types=1);

namespace App\Strings\Drawer\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** Everything of one string that lies in the drawer. */
final readonly class DrawerStringView
{
    /**
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  int  $kept  of these for orders
     * @param  ?int  $least  how many there should be
     * @param  list<LotView>  $lots
     */
    public function __construct(
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public int $quantity,
        public int $kept,
        public ?int $least,
        public array $lots,
    ) {}
}
