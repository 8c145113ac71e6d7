<?php

declare(strict_types=1);

namespace App\Http\Pages\Jobs;

use App\Http\Pages\Page;
use App\Jobs\Views\JobPartsView;

/** A job: where it stands, and what happened. */
final readonly class JobPage extends Page
{
    /**
     * @param  int  $last  the last event that is in it
     * @param  string  $touched  the moment of its last change
     * @param  string  $now  what time it is here
     * @param  list<ReceivedJson>  $events
     * @param  DrawnFitJson  $fit
     */
    public function __construct(
        public int $last,
        public string $touched,
        public string $now,
        public JobPartsView $state,
        public array $events,
        public array $fit,
    ) {}
}
