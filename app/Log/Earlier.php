<?php

declare(strict_types=1);

namespace App\Log;

use App\Hours\Worn;
use App\Instruments\OnInstrument;
use App\Jobs\Jobs;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;

/** The last sets on an instrument, as one looks back at them when the next is designed: how they felt, and what they pulled. */
final readonly class Earlier
{
    private const SHOWN = 3;

    public function __construct(private Jobs $jobs) {}

    /** @return list<array{job: int, name: string, from: string, to: ?string, hours: ?float, felt: string, pull_n: float, tensions_n: list<float>, baseline: \stdClass}> the last first */
    public function of(Instrument $instrument): array
    {
        $jobs = Job::query()->where('instrument_id', $instrument->id)->where('status', JobStatus::Finished)->latest('finished_at')->latest('id')->limit(self::SHOWN)->get();
        $hours = Worn::summed(Worn::query()->whereIn('f.job_id', $jobs->modelKeys()))->groupBy('job_id')->selectRaw('job_id, max(hours) as hours')->pluck('hours', 'job_id');
        $earlier = [];
        $to = null;
        foreach ($jobs as $job) {
            // Jobs that were finished before this was kept are opened once more.
            $standing = isset($job->standing['tensions_n'], $job->standing['pull_n']) ? $job->standing : $this->jobs->file($job)->standing();
            $from = (string) $job->finished_at?->toIso8601String();
            $did = $hours[$job->id] ?? null;
            $earlier[] = [
                'job' => $job->id, 'name' => $job->name, 'from' => $from, 'to' => $to, 'hours' => is_numeric($did) ? (float) $did : null,
                'felt' => $standing['felt'] ?? '', 'pull_n' => $standing['pull_n'], 'tensions_n' => $standing['tensions_n'],
                'baseline' => OnInstrument::of($job->document, $instrument->document),
            ];
            $to = $from;
        }

        return $earlier;
    }
}
