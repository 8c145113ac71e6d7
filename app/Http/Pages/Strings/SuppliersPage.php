<?php

declare(strict_types=1);

namespace App\Http\Pages\Strings;

use App\Http\Pages\Page;
use App\Strings\Catalogue\Views\SupplierView;

/** Suppliers and their lists. */
final readonly class SuppliersPage extends Page
{
    /**
     * @param  list<SupplierView>  $suppliers
     * @param  array{currency: string, lead_days: int}  $usual  of a supplier that is new
     */
    public function __construct(
        public array $suppliers,
        public array $usual,
    ) {}
}
