<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

use Lira\Kind\StringEnd;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** All there is to say about one string that can be ordered. */
final readonly class SheetView
{
    /**
     * @param  string  $supplier  its name
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  string  $kind  of instrument it is made for, in words
     * @param  list<UseView>  $uses
     */
    public function __construct(
        public int $id,
        public int $supplier_id,
        public string $code,
        public string $name,
        public string $supplier,
        public string $currency,
        public ?int $cents,
        public ?int $box_of,
        public ?int $box_cents,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public ?float $length_mm,
        public ?StringEnd $end,
        public string $kind,
        public ?SectionView $section,
        public ?SheetDensityView $density,
        public ?SuitsView $suits,
        public array $uses,
    ) {}
}
