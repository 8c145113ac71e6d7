<?php

declare(strict_types=1);

namespace App\Http\Pages\Strings;

use App\Http\Pages\Page;
use App\Strings\Drawer\Views\DrawerStringView;

/** What lies in the drawer. */
final readonly class DrawerPage extends Page
{
    /**
     * @param  list<DrawerStringView>  $contents
     */
    public function __construct(
        public array $contents,
    ) {}
}
