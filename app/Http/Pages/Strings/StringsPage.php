<?php

declare(strict_types=1);

namespace App\Http\Pages\Strings;

use App\Http\Pages\Page;
use App\Strings\Catalogue\Views\SupplierView;

/** All strings that suppliers list. */
final readonly class StringsPage extends Page
{
    /**
     * @param  list<SupplierView>  $suppliers
     */
    public function __construct(
        public array $suppliers,
    ) {}
}
