<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\StoredSets;
use App\Instruments\OnInstrument;
use App\Models\Fitting;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobEventKind;
use App\Models\JobReason;
use App\Models\JobStatus;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\StringSet;
use App\Strings\TypeColumns;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Fitting\School\Leave;

/** Jobs from their beginning to their end. Every step is an event that is only ever added; all else is worked out from these. */
final readonly class Jobs
{
    /** A pause longer than this is no work. */
    private const PAUSE_S = 600;

    public function __construct(private StoredSets $sets, private Stock $stock, private OnInstrument $on, private Fingers $fingers) {}

    /**
     * What a job on a set would go by.
     *
     * @param  ?\stdClass  $present  what is on the instrument, as documents carry a baseline; null where nothing is
     * @param  array<string, string>  $schools  by aspect
     *
     * @throws InvalidDocument if the set cannot be read any more, or a school is none
     */
    public function document(StringSet $set, ?\stdClass $present, array $schools, bool $leftHanded): SetDocument
    {
        $json = $this->sets->json($set);
        unset($json->baseline, $json->target, $json->pool);
        if ($present !== null) {
            $json->baseline = $present;
        }
        $json->job = $this->asked($schools, $leftHanded);

        return SetDocument::from($json);
    }

    /**
     * The part of a document that says how it is fitted, with the fingers of this workshop where slack is said in these.
     *
     * @param  array<string, string>  $schools  by aspect
     */
    private function asked(array $schools, bool $leftHanded): \stdClass
    {
        $fingers = ($schools[Leave::aspect()] ?? null) === Leave::Lift->value ? $this->fingers->learned() : null;

        return (object) (['schools' => (object) $schools, 'left_handed' => $leftHanded] + ($fingers === null ? [] : ['finger_mm' => $fingers['mm']]));
    }

    /**
     * @param  array{owner: string, reason: JobReason, bench: string, promised_on: ?string, way: string, from_drawer: bool, spares: int}  $said
     *
     * @throws InvalidDocument if it cannot be planned
     */
    public function start(StringSet $set, SetDocument $document, array $said): Job
    {
        $job = new Job($said + [
            'instrument_id' => $set->instrument_id, 'set_id' => $set->id, 'name' => $set->name, 'document' => $document->json,
        ]);
        $job->standing = ['done' => 0, 'total' => 0, 'key' => null, 'phase' => null, 'position' => null, 'do' => '', 'until' => null, 'missing' => [], 'blocked' => false];
        $document->plan();
        $job->save();
        $this->settled($job);

        return $job;
    }

    /** As it is now. */
    public function file(Job $job): JobFile
    {
        $events = $job->events()->orderBy('id')->get();
        $json = clone $job->document;
        $schools = Progress::schools($events);
        if ($schools !== []) {
            $json->job = $this->asked($schools + SchoolsKept::asked($job->document), SchoolsKept::leftHanded($job->document));
        }
        $document = SetDocument::from($json);
        $plan = $document->plan();
        $progress = Progress::of($events, $plan->rounds());
        $missing = $this->stock->missing($job, $document->design, $progress);
        $waiting = array_values(array_filter($missing, static fn (int $position): bool => ! isset($progress->done["off:{$position}"])));

        return new JobFile(
            $job,
            $document,
            $progress,
            $plan->after(array_keys($progress->done), $progress->over, $waiting),
            $missing,
            $events->last()->id ?? 0,
            self::minutes($events->toBase()),
        );
    }

    /**
     * Adds what happened, each once, in the order in which it is sent.
     *
     * @param  list<array{uuid: string, kind: JobEventKind, data: array<string, mixed>, at: Carbon, device: string}>  $events
     *
     * @throws InvalidDocument if it cannot be finished yet
     */
    public function record(Job $job, array $events): JobFile
    {
        foreach ($events as $index => $event) {
            if (JobEvent::query()->where('uuid', $event['uuid'])->exists()) {
                continue;
            }
            if ($event['kind'] === JobEventKind::Finished) {
                $this->checkFinished($job, "/events/{$index}");
            }
            $job->events()->create([
                'uuid' => $event['uuid'],
                'kind' => $event['kind'],
                'data' => $event['data'],
                'device' => $event['device'],
                // A clock that is ahead says nothing of when it was.
                'happened_at' => $event['at']->min(now()),
            ]);
        }

        return $this->settled($job);
    }

    /** Makes everything beside the events what they come to. */
    public function settled(Job $job): JobFile
    {
        $before = $this->file($job);
        $this->stock->follow($job, $before->document->design, $before->progress);
        $file = $this->file($job);
        $finished = $file->progress->finished;
        if ($finished !== null && $job->status === JobStatus::Open) {
            $this->putOn($file, $finished->happened_at);
        } elseif ($finished === null && $job->status === JobStatus::Finished) {
            $this->takeBack($job);
        }
        $job->status = $finished === null ? JobStatus::Open : JobStatus::Finished;
        $job->finished_at = $finished?->happened_at;
        $job->bench = $file->progress->bench ?? $job->bench;
        $agreed = $file->progress->agreed;
        if ($agreed !== null) {
            $job->owner = $agreed['owner'];
            $job->reason = JobReason::from($agreed['reason']);
            $job->promised_on = $agreed['promised_on'] === null ? null : Carbon::parse($agreed['promised_on']);
        }
        $job->standing = $file->standing();
        $job->touch();
        $job->save();

        return $file;
    }

    /** Puts it away; what is kept for it is free again. */
    public function drop(Job $job): void
    {
        $job->delete();
        $file = $this->file($job);
        $this->stock->follow($job, $file->document->design, $file->progress);
    }

    public function bringBack(Job $job): void
    {
        $job->restore();
        $this->settled($job);
    }

    /** @param  Collection<int, JobEvent>  $events */
    private static function minutes(Collection $events): int
    {
        $times = $events->map(static fn (JobEvent $event): int => $event->happened_at->getTimestamp())->sort()->values();
        $seconds = 0;
        foreach ($times as $index => $time) {
            $pause = $index === 0 ? 0 : $time - (int) $times[$index - 1];
            $seconds += $pause <= self::PAUSE_S ? $pause : 0;
        }

        return intdiv($seconds + 30, 60);
    }

    /** @throws InvalidDocument if strings are not on yet */
    private function checkFinished(Job $job, string $path): void
    {
        $file = $this->file($job);
        $open = [];
        foreach (array_keys($file->document->design->strings) as $index) {
            if (! $file->progress->isFitted($index + 1)) {
                $open[] = $index + 1;
            }
        }
        if ($open !== []) {
            $which = count($open) === 1 ? "String {$open[0]} is" : 'Strings '.Str::replaceLast(', ', ' and ', implode(', ', $open)).' are';
            throw InvalidDocument::at($path, "{$which} not on yet. Put them on first, or drop the job.");
        }
    }

    /** From now on this is what is on the instrument. */
    private function putOn(JobFile $file, Carbon $at): void
    {
        $job = $file->job;
        $lots = $job->reservations()->where('status', ReservationStatus::Used)->get()
            ->mapWithKeys(static fn (Reservation $each): array => [(int) $each->position => $each->lot_id]);
        Fitting::query()->where('instrument_id', $job->instrument_id)->whereNull('removed_at')
            ->update(['removed_at' => $at, 'reason' => $job->reason->value]);
        foreach ($file->progress->died as $position => ['how' => $how, 'where' => $where]) {
            Fitting::query()->where('instrument_id', $job->instrument_id)->where('removed_at', $at)->where('position', $position)
                ->update(['reason' => $how, 'broke_at' => $where]);
        }
        $coated = ($file->progress->finished->data['coated'] ?? false) === true;
        foreach ($file->document->design->strings as $index => $string) {
            Fitting::query()->create([
                'instrument_id' => $job->instrument_id, 'position' => $index + 1, 'job_id' => $job->id, 'set_id' => $job->set_id,
                'lot_id' => $lots[$index + 1] ?? null, ...TypeColumns::of($string->spec->type), 'fitted_at' => $at,
                'coated' => $coated,
            ]);
        }
    }

    /** What was on before is on again. */
    private function takeBack(Job $job): void
    {
        $own = Fitting::query()->where('job_id', $job->id);
        $since = $own->clone()->value('fitted_at');
        $own->delete();
        if ($since !== null && $this->on->lastJob($job->instrument_id)?->id === $job->id) {
            Fitting::query()->where('instrument_id', $job->instrument_id)->where('removed_at', $since)
                ->update(['removed_at' => null, 'reason' => '', 'broke_at' => '']);
        }
    }
}
