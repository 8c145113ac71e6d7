<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Fitting;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\TypeColumns;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Lira\Design\SetDesign;
use Lira\Job\Event\Agreed;
use Lira\Job\Event\Finished;
use Lira\Job\Event\Reopened;
use Lira\Job\Event\Undone;
use Lira\Job\OnIt;
use Lira\Job\OnSpan;
use Lira\Job\Progress;
use Lira\Job\PutOn;
use Lira\Job\Recorded;
use Lira\Job\TakenBack;

/** The strings on instruments, as rows that others ask: kept as what their jobs come to. */
final readonly class FittingsOfJobs
{
    /**
     * Changes the rows of its instrument by what a job has come to since an event.
     *
     * @param  bool  $coated  whether the strings that it put on are
     * @param  int  $since  the last that they counted in
     */
    public function follow(Job $job, SetDesign $design, bool $coated, int $since): void
    {
        $rows = $job->events()->where('id', '>', $since)->whereIn('kind', [Finished::kind(), Reopened::kind(), Undone::kind()])->exists();
        if (! $rows) {
            return;
        }
        [$was, $is] = [self::spans(self::on($job->instrument_id, $since)), self::spans(self::on($job->instrument_id, null))];
        foreach (array_diff_key($was, $is) as $gone) {
            self::row($job->instrument_id, $gone)?->delete();
        }
        foreach ($is as $key => $span) {
            if (isset($was[$key]) && ! $was[$key]->is($span)) {
                self::row($job->instrument_id, $span)?->update(self::end($span));
            } elseif (! isset($was[$key]) && $span->job === $job->id) {
                $this->add($job, $design, $span, $coated);
            }
        }
    }

    /** What is on an instrument by its jobs. @param  ?int  $upTo  the last event that counts; null for all */
    public static function on(int $instrument, ?int $upTo): OnIt
    {
        $happened = [];
        foreach (Job::query()->where('instrument_id', $instrument)
            ->whereHas('events', static fn (Builder $events) => $events->where('kind', Finished::kind()))->orderBy('id')->get() as $job) {
            $rows = $job->events()->when($upTo !== null, static fn ($query) => $query->where('id', '<=', $upTo))->orderBy('id')->get();
            $log = JobEvent::log($rows);
            $progress = Progress::of($log, []);
            $positions = $job->positions();
            $reason = $job->reason->value;
            foreach ($log->standing() as $each) {
                if ($each->event instanceof Agreed) {
                    $reason = $each->event->reason;
                }
                $change = match (true) {
                    $each->event instanceof Finished => new PutOn($job->id, $each->atS, $positions, $reason, $progress->died()),
                    $each->event instanceof Reopened => new TakenBack($job->id, $each->atS, $each->event->on === 'these'),
                    default => null,
                };
                if ($change !== null) {
                    $happened[] = [$each, $change];
                }
            }
        }
        usort($happened, static fn (array $one, array $other): int => $one[0]->order <=> $other[0]->order);

        return OnIt::of(self::changes($happened));
    }

    /**
     * @param  list<array{Recorded, PutOn|TakenBack}>  $happened
     * @return list<PutOn|TakenBack> a job that is finished twice over is finished once
     */
    private static function changes(array $happened): array
    {
        [$changes, $finished] = [[], []];
        foreach ($happened as [, $change]) {
            $isFinish = $change instanceof PutOn;
            if (($finished[$change->job] ?? false) !== $isFinish) {
                $finished[$change->job] = $isFinish;
                $changes[] = $change;
            }
        }

        return $changes;
    }

    /** @return array<string, OnSpan> by what tells each from all others */
    private static function spans(OnIt $on): array
    {
        return array_column(array_map(static fn (OnSpan $span): array => [$span->key(), $span], $on->spans), 1, 0);
    }

    private static function row(int $instrument, OnSpan $span): ?Fitting
    {
        return Fitting::query()->where('instrument_id', $instrument)->where('job_id', $span->job)->where('position', $span->position)
            ->where('fitted_at', Carbon::createFromTimestampUTC($span->fromS)->toDateTimeString())->first();
    }

    /** @return array{removed_at: ?Carbon, reason: string, broke_at: string} */
    private static function end(OnSpan $span): array
    {
        return [
            'removed_at' => $span->toS === null ? null : Carbon::createFromTimestampUTC($span->toS),
            'reason' => $span->how, 'broke_at' => $span->where,
        ];
    }

    private function add(Job $job, SetDesign $design, OnSpan $span, bool $coated): void
    {
        $string = $design->strings[$span->position - 1] ?? null;
        if ($string === null) {
            return;
        }
        $lot = $job->reservations()->where('status', ReservationStatus::Used)->where('position', $span->position)->get()
            ->map(static fn (Reservation $each): int => $each->lot_id)->last();
        Fitting::query()->create([
            'instrument_id' => $job->instrument_id, 'position' => $span->position, 'job_id' => $job->id, 'set_id' => $job->set_id,
            'lot_id' => $lot, ...TypeColumns::of($string->spec->type), 'fitted_at' => Carbon::createFromTimestampUTC($span->fromS),
            'coated' => $coated, ...self::end($span),
        ]);
    }
}
