<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

use Lira\Strings\Source;

/** What a string weighs by its length: what is taken, and what the model says beside it. */
final readonly class SheetDensityView
{
    /**
     * @param  float  $tolerance  relative
     * @param  ?float  $off  by how much the list differs from the model, relative
     */
    public function __construct(
        public float $kg_per_m,
        public float $tolerance,
        public Source $source,
        public ?float $modelled_kg_per_m,
        public ?float $off,
    ) {}
}
