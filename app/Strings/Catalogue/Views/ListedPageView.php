<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

/** Some of the strings that were looked for. */
final readonly class ListedPageView
{
    /**
     * @param  int  $total  that were found
     * @param  list<ListedView>  $rows
     */
    public function __construct(
        public int $total,
        public array $rows,
    ) {}
}
