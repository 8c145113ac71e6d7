<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

use Lira\Kind\StringEnd;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** A string in a line, as it is listed. */
final readonly class ListedView
{
    /**
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  ?float  $kg_per_m  as the list says it
     * @param  int  $drawer  how many lie there
     */
    public function __construct(
        public int $id,
        public int $supplier_id,
        public string $code,
        public string $name,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public ?float $kg_per_m,
        public ?int $cents,
        public ?int $box_of,
        public ?int $box_cents,
        public ?StringEnd $end,
        public int $drawer,
    ) {}
}
