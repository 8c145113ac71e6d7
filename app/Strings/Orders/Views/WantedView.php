<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** A string on the order list. */
final readonly class WantedView
{
    /**
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  string  $note  what it is for
     * @param  ?int  $job  that waits for it
     * @param  int  $free  so many lie in the drawer by now
     */
    public function __construct(
        public int $id,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public int $count,
        public string $note,
        public ?int $job,
        public int $free,
    ) {}
}
