<?php

declare(strict_types=1);

namespace App\Log;

use App\Hours\Worn;
use App\Log\Views\HappenedView;
use App\Log\Views\MeasuredThenView;
use App\Log\Views\PeriodView;
use App\Log\Views\ThenView;
use App\Log\Views\TimeLineView;
use App\Log\Views\WeekHoursView;
use App\Models\CareEntry;
use App\Models\Instrument;
use App\Models\Intonation;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobStatus;
use App\Models\Photograph;
use App\Models\Play;
use Illuminate\Support\Carbon;
use Lira\Job\Event\Measured;
use Lira\Job\Event\Noted;
use Lira\Wording\Dates;

/** What was on an instrument, what was done to it and what was measured, from the first day on. */
final readonly class TimeLine
{
    private const MOST = 400;

    public function __construct(private Lives $lives, private Dates $dates) {}

    public function of(Instrument $instrument): TimeLineView
    {
        $jobs = Job::query()->where('instrument_id', $instrument->id)->where('status', JobStatus::Finished)->orderBy('finished_at')->orderBy('id')->get()->keyBy('id');
        $measured = $this->measured($jobs->modelKeys());

        return new TimeLineView(
            $this->periods($instrument, $jobs->all()),
            $this->weeks($instrument),
            $measured,
            $this->happened($instrument),
            $this->lives->broke($instrument->id),
            array_values(Photograph::query()->where('instrument_id', $instrument->id)->orderBy('id')->get()->map(static fn (Photograph $each): ThenView => new ThenView(
                $each->id, $each->caption, $each->created_at->toDateString(), $each->moment ?? '', $each->job_id === null ? '' : $jobs[$each->job_id]->name ?? '',
            ))->all()),
            $instrument->strings,
        );
    }

    /**
     * @param  array<array-key, Job>  $jobs
     * @return list<PeriodView>
     */
    private function periods(Instrument $instrument, array $jobs): array
    {
        $periods = [];
        $rows = Worn::summed(Worn::query()->where('f.instrument_id', $instrument->id))->groupBy(['job_id', 'fitted_at'])
            ->selectRaw("job_id, fitted_at, max(removed_at) as removed_at, min(removed_at is null) as off, max(hours) as hours,
                group_concat(case when reason = 'broken' then position end) as broke, max(reason) as reason")
            ->orderBy('fitted_at')->get();
        foreach ($rows as $row) {
            /** @var object{job_id: ?int, fitted_at: string, removed_at: ?string, off: int, hours: ?float, broke: ?string, reason: string}&\stdClass $row */
            $job = $row->job_id === null ? null : $jobs[$row->job_id] ?? null;
            $next = self::next($jobs, $job);
            $periods[] = new PeriodView(
                $row->job_id, $job === null ? 'strings' : $job->name, Carbon::parse($row->fitted_at, 'UTC')->toIso8601String(),
                $row->removed_at === null ? null : Carbon::parse($row->removed_at, 'UTC')->toIso8601String(),
                $row->removed_at === null ? '' : ($next === null ? $row->reason : $next->reason->value),
                $row->hours, $job?->standing['pull_n'] ?? null, $job?->standing['felt'] ?? '',
                $row->broke === null ? [] : array_map(intval(...), explode(',', $row->broke)),
            );
        }

        return $periods;
    }

    /** @param  array<array-key, Job>  $jobs */
    private static function next(array $jobs, ?Job $job): ?Job
    {
        $ids = array_keys($jobs);
        $at = $job === null ? false : array_search($job->id, $ids, true);

        return is_int($at) ? $jobs[$ids[$at + 1] ?? -1] ?? null : null;
    }

    /** @return list<WeekHoursView> */
    private function weeks(Instrument $instrument): array
    {
        $rows = Play::query()->where('instrument_id', $instrument->id)->where('played_on', '<', Carbon::now()->addDay()->toDateString())->toBase()
            ->selectRaw("date(played_on, '-6 days', 'weekday 1') as week, sum(hours) as hours")->groupBy('week')->orderBy('week')->get();
        $weeks = [];
        foreach ($rows as $row) {
            /** @var object{week: string, hours: float}&\stdClass $row */
            $weeks[] = new WeekHoursView($row->week, $row->hours);
        }

        return $weeks;
    }

    /**
     * @param  array<array-key, mixed>  $jobs  ids
     * @return list<MeasuredThenView>
     */
    private function measured(array $jobs): array
    {
        return array_values(JobEvent::query()->whereIn('job_id', $jobs)->where('kind', Measured::kind())->orderBy('happened_at')->orderBy('id')->limit(self::MOST)->get()
            ->map(static fn (JobEvent $event): MeasuredThenView => new MeasuredThenView(
                $event->happened_at->toDateString(), ($event->data['when'] ?? '') === 'after' ? 'after' : 'before',
                is_numeric($event->data['action_12_mm'] ?? null) ? (float) $event->data['action_12_mm'] : null,
                is_numeric($event->data['relief_mm'] ?? null) ? (float) $event->data['relief_mm'] : null,
            ))->filter(static fn (MeasuredThenView $view): bool => $view->action_mm !== null || $view->relief_mm !== null)->all());
    }

    /** @return list<HappenedView> the last first */
    private function happened(Instrument $instrument): array
    {
        $care = CareEntry::query()->where('instrument_id', $instrument->id)->latest('happened_on')->latest('id')->limit(self::MOST)->get()
            ->map(fn (CareEntry $entry): HappenedView => new HappenedView(
                $entry->done ? 'care' : 'put-off', $entry->happened_on->toDateString(),
                $entry->what.($entry->done ? '' : ($entry->until === null ? '' : ', put off to '.$this->dates->date($entry->until))).($entry->note === '' ? '' : ": {$entry->note}"), $entry->id,
            ));
        $saddles = Intonation::query()->where('instrument_id', $instrument->id)->latest('created_at')->limit(self::MOST)->get()
            ->map(static fn (Intonation $kept): HappenedView => new HappenedView('saddles', $kept->created_at->toDateString(), self::moved($kept), null));
        $shows = Play::query()->join('shows', 'shows.id', '=', 'plays.show_id')->where('plays.instrument_id', $instrument->id)->whereNull('shows.archived_at')
            ->where('shows.starts_at', '<=', Carbon::now())->orderByDesc('shows.starts_at')->limit(self::MOST)->toBase()->get(['shows.name', 'shows.place', 'plays.played_on']);
        $notes = JobEvent::query()->where('kind', Noted::kind())->whereIn('job_id', Job::query()->where('instrument_id', $instrument->id)->select('id'))
            ->latest('happened_at')->limit(self::MOST)->get()->map(static fn (JobEvent $event): HappenedView => new HappenedView(
                'note', $event->happened_at->toDateString(), is_string($event->data['text'] ?? null) ? $event->data['text'] : '', null,
            ));
        $happened = [...$care, ...$saddles, ...$notes];
        foreach ($shows as $show) {
            /** @var object{name: string, place: string, played_on: string}&\stdClass $show */
            $happened[] = new HappenedView('show', substr($show->played_on, 0, 10), $show->name.($show->place === '' ? '' : ", {$show->place}"), null);
        }
        usort($happened, static fn (HappenedView $one, HappenedView $other): int => $other->on <=> $one->on);

        return array_slice($happened, 0, self::MOST);
    }

    private static function moved(Intonation $kept): string
    {
        $moves = [];
        foreach ($kept->strings as $string) {
            if (abs($string['moved_mm']) >= 0.05) {
                $moves[] = "{$string['position']} by ".number_format(abs($string['moved_mm']), 1).' mm '.($string['moved_mm'] > 0 ? 'back' : 'forward');
            }
        }

        return $moves === [] ? 'Saddles looked at, none moved' : 'Saddles moved: string '.implode(', ', $moves);
    }
}
