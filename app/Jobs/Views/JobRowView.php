<?php

declare(strict_types=1);

namespace App\Jobs\Views;

use App\Models\JobReason;
use App\Models\JobStatus;

/** A job in the list, by what it wants next. */
final readonly class JobRowView
{
    /**
     * @param  string  $next  what is done next, in a few words
     * @param  ?string  $until  it is left alone until then, ISO 8601
     * @param  list<int>  $missing  positions of strings that are not there
     * @param  bool  $blocked  whether nothing can be done before one of them is there
     * @param  bool  $ordered  whether all of them are ordered
     * @param  ?string  $due  the day on which the last of them should come
     * @param  ?string  $promised  the day
     * @param  string  $touched  when somebody last did something, ISO 8601
     * @param  ?string  $finished  the moment, ISO 8601
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $instrument,
        public string $owner,
        public JobReason $reason,
        public string $bench,
        public JobStatus $status,
        public int $done,
        public int $total,
        public string $next,
        public ?string $until,
        public array $missing,
        public bool $blocked,
        public bool $ordered,
        public ?string $due,
        public ?string $promised,
        public string $touched,
        public ?string $finished,
    ) {}
}
