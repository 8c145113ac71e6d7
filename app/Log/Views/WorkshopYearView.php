<?php

declare(strict_types=1);

namespace App\Log\Views;

/** All that was done here in a year. */
final readonly class WorkshopYearView
{
    /**
     * @param  list<array{string, string}>  $sums  what and how much
     * @param  list<array{what: string, family: string, count: int, hours: string}>  $used
     * @param  list<array{name: string, owner: string, jobs: int, minutes: string}>  $instruments
     */
    public function __construct(
        public int $year,
        public array $sums,
        public array $used,
        public array $instruments,
    ) {}
}
