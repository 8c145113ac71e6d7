<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** A page of the jobs that are finished. */
final readonly class FinishedView
{
    /**
     * @param  list<JobRowView>  $rows  the last finished first
     * @param  int  $count  of all that were looked for
     * @param  int  $page  from 1
     */
    public function __construct(
        public array $rows,
        public int $count,
        public int $page,
        public int $pages,
    ) {}
}
