<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Instruments\OnInstrument;
use App\Jobs\Views\ChoiceView;
use App\Jobs\Views\FinishedView;
use App\Jobs\Views\JobPhotographView;
use App\Jobs\Views\JobRowView;
use App\Jobs\Views\JobStringView;
use App\Jobs\Views\JobView;
use App\Jobs\Views\LaterView;
use App\Jobs\Views\SchoolView;
use App\Jobs\Views\SettlingView;
use App\Jobs\Views\StiffnessView;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobReason;
use App\Models\JobStatus;
use App\Models\Order;
use App\Models\Photograph;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\TypeColumns;
use App\Models\WantedString;
use App\Models\WorkshopSettings;
use App\Paper\PacketCode;
use App\Strings\Drawer\Drawer;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Lira\Fitting\Plan;
use Lira\Fitting\School\Chosen;
use Lira\Fitting\School\Leave;
use Lira\Fitting\School\School;
use Lira\Strings\BuiltString;

/** What the browser is told of jobs. */
final readonly class JobViews
{
    /** So many finished ones stand on a page. */
    private const FINISHED_SHOWN = 20;

    public function __construct(private Drawer $drawer, private Fingers $fingers, private HeightForecasts $heights, private OnInstrument $on, private ShowsAhead $shows) {}

    /** @return list<JobRowView> open ones, then the last finished */
    public function rows(): array
    {
        $open = Job::query()->with(['instrument:id,name', 'wanted.purchase.orders'])->where('status', JobStatus::Open)->orderBy('id')->get();

        return array_values($open->concat(self::finishedOn('', 1))->map(self::row(...))->all());
    }

    /**
     * A page of the finished ones, the last first.
     *
     * @param  string  $words  each of which stands in their instrument, set, owner, bench or reason
     * @param  int  $page  from 1
     */
    public function finished(string $words, int $page): FinishedView
    {
        $count = self::finishedWith($words)->count();
        $pages = max(1, intdiv($count + self::FINISHED_SHOWN - 1, self::FINISHED_SHOWN));
        $at = min(max(1, $page), $pages);

        return new FinishedView(array_values(self::finishedOn($words, $at)->map(self::row(...))->all()), $count, $at, $pages);
    }

    /** How many are finished. */
    public function finishedInAll(): int
    {
        return self::finishedWith('')->count();
    }

    /** @return Collection<int, Job> */
    private static function finishedOn(string $words, int $page): Collection
    {
        return self::finishedWith($words)->with(['instrument:id,name', 'wanted.purchase.orders'])
            ->latest('finished_at')->latest('id')->forPage($page, self::FINISHED_SHOWN)->get();
    }

    /** @return Builder<Job> */
    private static function finishedWith(string $words): Builder
    {
        $finished = Job::query()->where('status', JobStatus::Finished);
        foreach (array_filter(explode(' ', $words), static fn (string $word): bool => $word !== '') as $word) {
            $reasons = array_filter(JobReason::cases(), static fn (JobReason $reason): bool => str_contains($reason->label(), mb_strtolower($word)));
            $like = '%'.addcslashes($word, '\\%_').'%';
            $finished->where(static fn (Builder $any): Builder => $any
                ->whereRaw("jobs.name || ' ' || jobs.owner || ' ' || jobs.bench like ? escape '\\'", [$like])
                ->orWhereHas('instrument', static fn (Builder $instrument): Builder => $instrument->whereRaw("name like ? escape '\\'", [$like]))
                ->orWhereIn('reason', $reasons));
        }

        return $finished;
    }

    private static function row(Job $job): JobRowView
    {
        $standing = $job->standing;
        $wanted = $job->wanted->whereIn('position', $standing['missing']);
        $due = $wanted->flatMap(static fn (WantedString $each): array => $each->purchase?->orders->all() ?? [])
            ->max(static fn (Order $order): ?string => $order->due_on?->toDateString());

        return new JobRowView(
            $job->id, $job->name, $job->instrument->name, $job->owner, $job->reason, $job->bench, $job->status,
            $standing['done'], $standing['total'], $standing['do'], $standing['until'], $standing['missing'], $standing['blocked'],
            $standing['missing'] !== [] && $wanted->whereNotNull('purchase_id')->count() === count($standing['missing']),
            is_string($due) ? $due : null,
            $job->promised_on?->toDateString(), $job->updated_at->toIso8601String(), $job->finished_at?->toIso8601String(),
        );
    }

    public function job(JobFile $file): JobView
    {
        ['job' => $job, 'progress' => $progress, 'plan' => $plan] = ['job' => $file->job, 'progress' => $file->progress, 'plan' => $file->plan];
        $after = $plan->steps[count($plan->steps) - 1]->pullAfterN;

        return new JobView(
            $job->id,
            $file->last(),
            $job->name,
            $job->set_id,
            $job->instrument_id,
            $job->instrument->name,
            $file->document->baseline === null ? null : self::named($file->document->baseline->name),
            $job->owner,
            $job->reason,
            $job->bench,
            $job->way,
            $job->promised_on?->toDateString(),
            SchoolsKept::leftHanded($job->document),
            $job->from_drawer,
            $job->status,
            $job->finished_at?->toIso8601String(),
            $this->laterOn($file),
            $this->strings($file),
            $file->missing,
            $this->schools($plan),
            self::settling($file),
            array_values($job->photographs()->get()->map(static fn (Photograph $photograph): JobPhotographView => new JobPhotographView(
                $photograph->id, $photograph->moment ?? 'before', $photograph->caption,
            ))->all()),
            array_sum($plan->presentN),
            $after,
            $this->heights->relief($job, $file->changeN()),
            $this->heights->action($job, $file->changeN()),
            array_values(array_unique(array_filter(array_map(static fn (JobEvent $event): string => $event->by, $file->events), static fn (string $by): bool => $by !== ''))),
            $file->minutes,
            $job->status === JobStatus::Open ? $this->shows->tooSoon($job->instrument_id, $plan) : null,
        );
    }

    /** @return list<SchoolView> */
    public function schools(Plan $plan): array
    {
        return array_map(fn (Chosen $chosen): SchoolView => new SchoolView(
            $chosen->school::aspect(),
            ucfirst(str_replace('-', ' ', $chosen->school::aspect())),
            (string) $chosen->school->value,
            $chosen->school === Leave::Lift ? trim($chosen->reason.' '.$this->fingersWords()) : $chosen->reason,
            array_map(
                static fn (School $school): ChoiceView => new ChoiceView((string) $school->value, $school->label()),
                array_values($chosen->school::cases()),
            ),
        ), $plan->schools->all());
    }

    /** What is known of the fingers that slack is said in. */
    private function fingersWords(): string
    {
        $said = WorkshopSettings::here()->finger_mm;
        if ($said !== null) {
            return 'A finger here is '.round($said, 1).' mm, as it was measured.';
        }
        $learned = $this->fingers->learned();

        return $learned === null ? 'A finger is taken for 20 mm until three strings have told how many turns they gave.'
            : "Your fingers are {$learned['mm']} mm, learned from {$learned['strings']} strings.";
    }

    /** @return list<JobStringView> those that it changes, string 1 first */
    private function strings(JobFile $file): array
    {
        $job = $file->job;
        $reservations = $job->reservations()->with('lot')->get()->toBase();
        $wanted = $job->wanted()->pluck('position')->all();
        $tuning = $file->document->design->tunings[0];
        $before = $file->document->baselineEvaluation()->strings ?? [];
        $strings = $file->document->design->stringsAt($job->positions());

        return array_map(function (BuiltString $string, int $index) use ($file, $job, $reservations, $wanted, $tuning, $before): JobStringView {
            $position = $index + 1;
            $type = $string->spec->type;
            $own = $reservations->where('position', $position)->where('spare', false);
            $kept = $own->firstWhere('status', ReservationStatus::Kept);
            $used = $own->where('status', ReservationStatus::Used)->last();
            $fitted = $file->progress->isFitted($position);
            $tuned = $file->document->evaluation()->strings[$index]->tunings[0];
            $from = match (true) {
                ! $job->from_drawer => 'free',
                in_array($position, $file->missing, true) => 'missing',
                $kept instanceof Reservation => 'kept',
                $fitted && $used instanceof Reservation => 'used',
                default => 'here',
            };

            $lot = match ($from) {
                'kept' => $kept?->lot,
                'used' => $used?->lot,
                default => null,
            };

            return new JobStringView(
                $position,
                $tuning->pitches[$index]->name(),
                ($before[$index] ?? null)?->tunings[0]->pitch->name(),
                $tuned->frequencyHz,
                StiffnessView::of($tuned->inharmonicity),
                ...TypeColumns::view($type),
                codes: [
                    ...($job->set_id === null ? [] : [PacketCode::of($job->set_id, $position)]),
                    ...($kept instanceof Reservation ? ["L{$kept->lot_id}"] : []),
                ],
                labelled: $job->set?->labelled_at !== null,
                from: $from,
                lot: $lot?->name,
                ball_colour: $lot->ball_colour ?? '',
                free: $job->from_drawer ? $this->drawer->freeOf($type) : 0,
                spares: $reservations->where('position', $position)->where('spare', true)->where('status', ReservationStatus::Kept)->count(),
                wanted: in_array($position, $wanted, true),
            );
        }, array_values($strings), array_keys($strings));
    }

    /** @return list<SettlingView> string 1 first */
    private static function settling(JobFile $file): array
    {
        $settling = $file->settling();

        return array_map(static function (int $position, array $each): SettlingView {
            ['drifts' => $drifts, 'settling' => $settling] = $each;
            $holdsS = $drifts->holdsAtS($settling);

            return new SettlingView(
                $position,
                $drifts->stretched(),
                $drifts->rested(),
                $settling->roundsLeft,
                $settling->roundsMost,
                $settling->nextDriftCents,
                $settling->holdsAfterS,
                $holdsS === null ? null : Carbon::createFromTimestampUTC($holdsS)->toIso8601String(),
            );
        }, array_keys($settling), $settling);
    }

    /** The job that has put other strings on since this one was finished; null where its own are on. */
    private function laterOn(JobFile $file): ?LaterView
    {
        $on = $file->job->status === JobStatus::Finished ? $this->on->lastJob($file->job->instrument_id) : null;

        return $on === null || $on->id === $file->job->id ? null : new LaterView($on->id, $on->name);
    }

    /**
     * What happened, as `lira-job-event` says it, each with its place in the order of receipt.
     *
     * @return list<ReceivedJson>
     */
    public static function events(JobFile $file, int $since = 0): array
    {
        return self::said(array_filter($file->events, static fn (JobEvent $event): bool => $event->id > $since));
    }

    /**
     * Events as `lira-job-event` says them, each with its place in the order of receipt.
     *
     * @param  array<JobEvent>  $events
     * @return list<ReceivedJson>
     */
    public static function said(array $events): array
    {
        return array_values(array_map(static fn (JobEvent $event): array => [
            'order' => $event->id, 'id' => $event->uuid, 'device' => $event->device, 'sequence' => $event->sequence, 'seen' => $event->seen,
            'by' => $event->by === '' ? null : $event->by, 'at' => $event->happened_at->toIso8601String(), 'kind' => $event->kind,
            'data' => $event->data === [] ? new \stdClass : $event->data,
        ], $events));
    }

    private static function named(string $name): string
    {
        return $name === '' ? 'strings without a name' : $name;
    }
}
