<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Instruments\Views\OnItView;
use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;
use Illuminate\Database\Eloquent\Builder;
use Lira\Job\Event\Finished;

/** What is on an instrument now: what a job put there and none has taken off since. */
final class OnInstrument
{
    public function lastJob(int $instrument): ?Job
    {
        $on = self::ofJobs()->where('instrument_id', $instrument)->latest('fitted_at')->latest('id')->first();

        return $on === null ? null : Job::query()->find($on->job_id);
    }

    /** @return array<int, Job> by the instrument, the one whose strings are on it */
    public function lastJobs(): array
    {
        // Of one instrument's the last stands.
        $on = [];
        foreach (self::ofJobs()->oldest('fitted_at')->oldest('id')->get(['instrument_id', 'job_id']) as $fitting) {
            $on[$fitting->instrument_id] = (int) $fitting->job_id;
        }
        $jobs = Job::query()->whereIn('id', $on)->get(['id', 'name', 'set_id', 'finished_at'])->keyBy('id');
        $last = [];
        foreach ($on as $instrument => $id) {
            $job = $jobs->get($id);
            if ($job !== null) {
                $last[$instrument] = $job;
            }
        }

        return $last;
    }

    /** @return Builder<Fitting> strings that a job put on and none has taken off since */
    private static function ofJobs(): Builder
    {
        return Fitting::query()->whereNull('removed_at')->whereNotNull('job_id');
    }

    /** How it felt when the job was finished; empty where that was not said. */
    public function felt(Job $job): string
    {
        $felt = $job->events()->where('kind', Finished::kind())->latest('id')->first()->data['felt'] ?? '';

        return is_string($felt) ? $felt : '';
    }

    /** @return list<array{id: int, name: string}> jobs on it that are not finished */
    public function open(int $instrument): array
    {
        return array_values(Job::query()->where('instrument_id', $instrument)->where('status', JobStatus::Open)->latest('id')->get(['id', 'name'])
            ->map(static fn (Job $job): array => ['id' => $job->id, 'name' => $job->name])->all());
    }

    public function view(int $instrument): ?OnItView
    {
        $job = $this->lastJob($instrument);

        return $job === null ? null : new OnItView($job->id, $job->name, $job->finished_at?->toIso8601String() ?? '', $job->set_id);
    }

    /**
     * As a set document carries a baseline, on the instrument as it is measured today.
     *
     * @return ?\stdClass null where nothing is known of it, or it had another number of strings
     */
    public function baseline(Instrument $instrument): ?\stdClass
    {
        $job = $this->lastJob($instrument->id);

        return $job === null ? null : self::of($job->document, $instrument->document);
    }

    /**
     * The part of a set document that another one carries as its baseline.
     *
     * @param  ?\stdClass  $instrument  in place of its own
     */
    public static function of(\stdClass $document, ?\stdClass $instrument = null): \stdClass
    {
        return (object) array_filter([
            'name' => $document->name ?? null,
            'instrument' => $instrument ?? $document->instrument ?? null,
            'tunings' => $document->tunings ?? null,
            'strings' => $document->strings ?? null,
        ], static fn (mixed $part): bool => $part !== null);
    }
}
