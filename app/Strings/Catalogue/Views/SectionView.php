<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

/** A string, cut through: diameters in millimetres. */
final readonly class SectionView
{
    /**
     * @param  ?SectionCoreView  $core  none for polyurethane
     * @param  list<float>  $layers_mm  inside out
     */
    public function __construct(
        public ?SectionCoreView $core,
        public array $layers_mm,
        public float $outer_mm,
    ) {}
}
