<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

use Lira\Strings\CoreShape;

/** A core, cut through. */
final readonly class SectionCoreView
{
    public function __construct(
        public CoreShape $shape,
        public float $size_mm,
    ) {}
}
