<?php

declare(strict_types=1);

namespace App\Http\Pages\Jobs;

use App\Http\Pages\Page;
use App\Jobs\Views\JobRowView;

/** The list of jobs. */
final readonly class JobsPage extends Page
{
    /**
     * @param  list<JobRowView>  $jobs  open ones, then the last finished
     * @param  int  $finished  how many are finished
     * @param  string  $as_of  by which it is told whether any is otherwise by now
     */
    public function __construct(
        public array $jobs,
        public int $finished,
        public string $as_of,
    ) {}
}
