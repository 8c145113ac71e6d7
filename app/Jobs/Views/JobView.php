<?php

declare(strict_types=1);

namespace App\Jobs\Views;

use App\Models\JobReason;
use App\Models\JobStatus;

/** A job as it is now. */
final readonly class JobView
{
    /**
     * @param  int  $last  the last event that it knows of
     * @param  ?int  $set  it puts on
     * @param  ?string  $before  what was on the instrument
     * @param  string  $way  whose schools it began with: usual, workshop, owner, last or own
     * @param  ?string  $promised  the day
     * @param  ?string  $finished  the moment, ISO 8601
     * @param  ?LaterView  $later  the job whose strings are on now, where this one is finished and these are not its own
     * @param  list<JobStringView>  $strings
     * @param  list<int>  $missing  positions of strings that are not there
     * @param  list<SchoolView>  $schools
     * @param  list<SettlingView>  $settling  string 1 first
     * @param  list<JobPhotographView>  $photographs
     * @param  float  $before_n  what all strings pulled before
     * @param  float  $after_n  and will pull once they are tuned
     * @param  HeightView  $relief  as it is foretold
     * @param  HeightView  $action  at the 12th fret, as it is foretold
     * @param  list<string>  $by  who did something in it, the first first: people, or devices on which nobody was named
     * @param  int  $minutes  somebody was at it
     * @param  ?ShowSoonView  $show  before which its strings will not have settled; null where none is, or they have
     */
    public function __construct(
        public int $id,
        public int $last,
        public string $name,
        public ?int $set,
        public int $instrument,
        public string $instrument_name,
        public ?string $before,
        public string $owner,
        public JobReason $reason,
        public string $bench,
        public string $way,
        public ?string $promised,
        public bool $left_handed,
        public bool $from_drawer,
        public JobStatus $status,
        public ?string $finished,
        public ?LaterView $later,
        public array $strings,
        public array $missing,
        public array $schools,
        public array $settling,
        public array $photographs,
        public float $before_n,
        public float $after_n,
        public HeightView $relief,
        public HeightView $action,
        public array $by,
        public int $minutes,
        public ?ShowSoonView $show,
    ) {}
}
