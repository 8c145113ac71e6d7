<?php

declare(strict_types=1);

namespace App\Http\Pages\Jobs;

use App\Http\Pages\Page;
use App\Jobs\Views\BeginView;
use App\Jobs\Views\JobRowView;
use App\Log\Views\DueView;

/** Where a job is begun. */
final readonly class NewJobPage extends Page
{
    /**
     * @param  ?BeginView  $begin  with the set that it puts on
     * @param  array{name: string, sets: list<array{id: int, name: string}>}|null  $instrument  an instrument whose set is still to be chosen
     * @param  array{due: list<DueView>, designed: list<array{id: int, name: string, instrument: string}>, open: list<JobRowView>}|null  $offers  what a job is most likely begun for; null where a set or an instrument is chosen
     * @param  list<string>  $benches
     */
    public function __construct(
        public ?BeginView $begin,
        public ?array $instrument,
        public ?array $offers,
        public array $benches,
    ) {}
}
