<?php

declare(strict_types=1);

namespace App\Http\Pages\Log;

use App\Http\Pages\Page;
use App\Log\Views\WorkshopYearView;

/** A year of the workshop. */
final readonly class YearsPage extends Page
{
    /**
     * @param  list<int>  $years  the last first
     * @param  list<array{id: int, name: string}>  $instruments
     * @param  list<array{name: string, says: string}>  $tables
     */
    public function __construct(
        public array $years,
        public ?WorkshopYearView $year,
        public array $instruments,
        public array $tables,
    ) {}
}
