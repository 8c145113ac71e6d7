<?php

declare(strict_types=1);

namespace App\Http\Pages\Strings;

use App\Http\Pages\Page;
use App\Strings\Catalogue\Views\SupplierView;
use App\Strings\Pools\Views\ListedFamilyView;
use App\Strings\Pools\Views\PoolView;

/** Named selections of strings. */
final readonly class PoolsPage extends Page
{
    /**
     * @param  list<PoolView>  $pools
     * @param  list<ListedFamilyView>  $families
     * @param  list<SupplierView>  $suppliers
     */
    public function __construct(
        public array $pools,
        public array $families,
        public array $suppliers,
    ) {}
}
