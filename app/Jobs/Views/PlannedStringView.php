<?php

declare(strict_types=1);

namespace App\Jobs\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** A string that a job would need. */
final readonly class PlannedStringView
{
    /**
     * @param  string  $pitch  as documents write it
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  int  $free  so many lie in the drawer, kept for nobody
     */
    public function __construct(
        public int $position,
        public string $pitch,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public int $free,
    ) {}
}
