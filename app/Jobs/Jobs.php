<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\StoredSets;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobReason;
use App\Models\JobStatus;
use App\Models\Lot;
use App\Models\StringSet;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\Document\SetDocument;
use Lira\Fitting\Plan;
use Lira\Fitting\School\Leave;
use Lira\Fitting\StepKey;
use Lira\Job\Event\Back;
use Lira\Job\Event\Chose;
use Lira\Job\Event\Did;
use Lira\Job\Event\Finished;
use Lira\Job\Event\Rests;
use Lira\Job\Heard;
use Lira\Job\Progress;

/** Jobs from their beginning to their end. Every step is an event that is only ever added; all else is worked out from these. */
final readonly class Jobs
{
    /** A pause longer than this is no work. */
    private const PAUSE_S = 600;

    public function __construct(private StoredSets $sets, private Stock $stock, private FittingsOfJobs $fittings, private Fingers $fingers) {}

    /**
     * What a job on a set would go by.
     *
     * @param  ?\stdClass  $present  what is on the instrument, as documents carry a baseline; null where nothing is
     * @param  array<string, string>  $schools  by aspect
     * @param  list<int>  $positions  of the strings that are changed; none for all
     *
     * @throws InvalidDocument if the set cannot be read any more, a school is none, or there is no such string
     */
    public function document(StringSet $set, ?\stdClass $present, array $schools, bool $leftHanded, array $positions = []): SetDocument
    {
        $json = $this->sets->json($set);
        unset($json->baseline, $json->target, $json->pool);
        if ($present !== null) {
            $json->baseline = $present;
        }
        $json->job = $this->asked($schools, $leftHanded, $positions);
        if ($positions !== [] && $present !== null && is_array($json->strings ?? null) && is_array($present->strings ?? null) && count($present->strings) === count($json->strings)) {
            // What stays on it is what was on it, whatever the set has there.
            foreach (array_keys($json->strings) as $index) {
                $json->strings[$index] = in_array($index + 1, $positions, true) ? $json->strings[$index] : $present->strings[$index];
            }
        }

        return SetDocument::from($json);
    }

    /**
     * The part of a document that says how it is fitted, with the fingers of this workshop where slack is said in these.
     *
     * @param  array<string, string>  $schools  by aspect
     * @param  list<int>  $positions  none for all
     */
    private function asked(array $schools, bool $leftHanded, array $positions): \stdClass
    {
        $fingerMm = ($schools[Leave::aspect()] ?? null) === Leave::Lift->value ? $this->fingers->mm() : null;

        return (object) (['schools' => (object) $schools, 'left_handed' => $leftHanded] + ($positions === [] ? [] : ['strings' => $positions]) + ($fingerMm === null ? [] : ['finger_mm' => $fingerMm]));
    }

    /** The job that was begun with a key already; null where none was. */
    public function begunWith(?string $key): ?Job
    {
        return $key === null ? null : Job::withTrashed()->where('begun_key', $key)->first();
    }

    /**
     * @param  array{owner: string, reason: JobReason, bench: string, promised_on: ?string, way: string, from_drawer: bool, spares: int}  $said
     * @param  ?string  $key  by which a beginning that comes twice is known
     *
     * @throws InvalidDocument if it cannot be planned
     */
    public function start(StringSet $set, SetDocument $document, array $said, ?string $key = null): Job
    {
        $job = new Job($said + [
            'instrument_id' => $set->instrument_id, 'set_id' => $set->id, 'name' => $set->name, 'document' => $document->json, 'begun_key' => $key,
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
        return $this->fileOf($job, $this->read($job));
    }

    /**
     * Adds what happened, each once. All of it or nothing: what cannot be is named, so that the others can be sent without it.
     *
     * @param  list<Heard>  $heard  in the order in which it is sent
     * @param  int  $behindS  by how much the device's clock is behind this one, where that is more than any should be
     * @param  ?JobFile  $known  the job as it was, where that was looked at
     *
     * @throws InvalidDocument with each event that cannot be, by its place
     */
    public function record(Job $job, array $heard, int $behindS = 0, ?JobFile $known = null): JobFile
    {
        $rows = $job->events()->orderBy('id')->get();
        $last = $rows->last()->id ?? 0;
        $there = JobEvent::query()->whereIn('uuid', array_map(static fn (Heard $each): string => $each->id, $heard))->pluck('job_id', 'uuid');
        $strings = self::strings($job);
        $problems = [];
        foreach ($heard as $index => $each) {
            if (isset($there[$each->id])) {
                if ($there[$each->id] !== $job->id) {
                    $problems[] = new Problem("/events/{$index}/id", 'This was said of another job already. Say it anew here.');
                }

                continue;
            }
            $problem = $this->problem($each, $strings, $job->positions(), $rows);
            if ($problem !== null) {
                $problems[] = new Problem("/events/{$index}{$problem->path}", $problem->message);

                continue;
            }
            $there[$each->id] = $job->id;
            $corrected = $behindS === 0 ? $each : $each->corrected($behindS);
            $rows->push($job->events()->create([
                'uuid' => $each->id,
                'kind' => $each->event::kind(),
                'data' => $corrected->event->said(),
                'device' => $each->device,
                'sequence' => $each->sequence,
                'seen' => $each->seen,
                'by' => $each->by,
                'clock_off_s' => $behindS,
                // A clock that is a little ahead says nothing of when it was.
                'happened_at' => Carbon::createFromTimestampUTC($corrected->atS)->min(now()),
            ]));
        }
        if ($problems !== []) {
            throw InvalidDocument::because($problems);
        }

        return $this->settled($job, $last, $known);
    }

    /**
     * Makes everything beside the events what they come to.
     *
     * @param  ?int  $since  the last event that was counted in before; null where none is new
     */
    public function settled(Job $job, ?int $since = null, ?JobFile $known = null): JobFile
    {
        $read = $this->read($job, $known);
        ['document' => $document, 'progress' => $progress] = $read;
        $finished = $progress->finished();
        $agreed = $progress->agreed();
        if ($agreed !== null) {
            $job->owner = $agreed['owner'];
            $job->reason = JobReason::from($agreed['reason']);
            $job->promised_on = $agreed['promised_on'] === null ? null : Carbon::parse($agreed['promised_on']);
        }
        $job->status = $finished === null ? JobStatus::Open : JobStatus::Finished;
        $job->finished_at = $finished === null ? null : Carbon::createFromTimestampUTC($finished['atS']);
        $job->bench = $progress->bench() ?? $job->bench;
        $this->stock->follow($job, $document->design, $progress);
        $file = $this->fileOf($job, $read);
        $job->standing = $file->standing();
        $job->touch();
        $job->save();
        if ($since !== null) {
            $this->fittings->follow($job, $document->design, $finished['coated'] ?? false, $since);
        }

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

    /** @return array{document: SetDocument, plan: Plan, progress: Progress, events: Collection<int, JobEvent>} what its events and its document say */
    private function read(Job $job, ?JobFile $known = null): array
    {
        $events = $job->events()->orderBy('id')->get();
        $log = JobEvent::log($events);
        $schools = Progress::of($log, [])->schools();
        if ($known !== null && $known->progress->schools() === $schools) {
            ['document' => $document, 'whole' => $plan] = ['document' => $known->document, 'whole' => $known->whole];
        } else {
            $document = SetDocument::from($this->asFitted($job, $schools));
            $plan = $document->plan();
        }

        return ['document' => $document, 'plan' => $plan, 'progress' => Progress::of($log, $plan->rounds()), 'events' => $events->toBase()];
    }

    /** @param  array<string, string>  $schools  that were chosen on the way, by aspect */
    private function asFitted(Job $job, array $schools): \stdClass
    {
        $json = clone $job->document;
        if ($schools !== []) {
            $json->job = $this->asked(
                $schools + SchoolsKept::asked($job->document),
                SchoolsKept::leftHanded($job->document),
                count($job->positions()) === self::strings($job) ? [] : $job->positions(),
            );
        }

        return $json;
    }

    /** @param  array{document: SetDocument, plan: Plan, progress: Progress, events: Collection<int, JobEvent>}  $read */
    private function fileOf(Job $job, array $read): JobFile
    {
        ['document' => $document, 'plan' => $plan, 'progress' => $progress, 'events' => $events] = $read;
        $missing = $this->stock->missing($job, $progress);
        $waiting = array_values(array_filter($missing, static fn (int $position): bool => ! $progress->isDone("off:{$position}")));

        return new JobFile(
            $job,
            $document,
            $progress,
            $plan,
            $plan->after($progress->doneKeys(), $progress->over(), $waiting),
            $missing,
            array_values($events->all()),
            self::minutes($events),
        );
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

    /** How many strings its instrument has. */
    private static function strings(Job $job): int
    {
        return is_array($job->document->strings ?? null) ? count($job->document->strings) : 0;
    }

    /**
     * Why something cannot have happened in this job; null where it can.
     *
     * @param  list<int>  $positions  of the strings that it changes
     * @param  iterable<JobEvent>  $before  what happened so far
     */
    private function problem(Heard $heard, int $strings, array $positions, iterable $before): ?Problem
    {
        $event = $heard->event;
        $position = property_exists($event, 'position') ? $event->position : null;
        if (is_int($position) && $position > $strings) {
            return new Problem('/data/position', "There is no string {$position}: this job has {$strings}. Say which of them it is.");
        }
        if (($event instanceof Did || $event instanceof Back || $event instanceof Rests) && ! StepKey::isOne($event->key, $strings)) {
            return new Problem('/data/key', "There is no step “{$event->key}” in this job. Open it anew, and say it there.");
        }
        if ($event instanceof Chose && $event->lot !== null && Lot::query()->whereKey($event->lot)->doesntExist()) {
            return new Problem('/data/lot', 'This lot is not in the drawer any more. Choose another, or say that the string is here.');
        }

        return $event instanceof Finished ? $this->notOn($positions, $before) : null;
    }

    /**
     * @param  list<int>  $positions  that it puts on
     * @param  iterable<JobEvent>  $before
     */
    private function notOn(array $positions, iterable $before): ?Problem
    {
        $progress = Progress::of(JobEvent::log($before), []);
        $open = array_values(array_filter($positions, static fn (int $position): bool => ! $progress->isFitted($position)));
        if ($open === []) {
            return null;
        }
        $which = count($open) === 1 ? "String {$open[0]} is" : 'Strings '.Str::replaceLast(', ', ' and ', implode(', ', $open)).' are';

        return new Problem('', "{$which} not on yet. Put them on first, or drop the job.");
    }
}
