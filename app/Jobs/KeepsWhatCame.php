<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\JobStatus;
use App\Strings\Drawer\LotAdded;

/** Keeps strings that came into the drawer for the jobs that wait for them, the oldest first. */
final readonly class KeepsWhatCame
{
    public function __construct(private Jobs $jobs) {}

    public function handle(LotAdded $came): void
    {
        $type = $came->lot->type()->key();
        foreach (Job::query()->where('status', JobStatus::Open)->where('from_drawer', true)->orderBy('id')->get() as $job) {
            if ($job->standing['missing'] === []) {
                continue;
            }
            foreach ($this->jobs->file($job)->document->design->strings as $index => $string) {
                if ($string->spec->type->key() === $type && in_array($index + 1, $job->standing['missing'], true)) {
                    $this->jobs->settled($job);
                    break;
                }
            }
        }
    }
}
