<?php

declare(strict_types=1);

namespace App\Strings\Pools\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** A family of strings that is listed. */
final readonly class ListedFamilyView
{
    /**
     * @param  string  $family  its key
     */
    public function __construct(
        public string $family,
        public Construction $construction,
        public Material $material,
    ) {}
}
