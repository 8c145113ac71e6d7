<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Views\DueView;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;
use App\Models\LogSettings;
use App\Models\Play;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Life\Exposure;
use Lira\Wording\Dates;

/**
 * What is due on every instrument: strings by their hours, before a show when one in five of them would have gone by its end, and two days early so that they
 * settle, care by its rules, jobs by the day they are promised.
 */
final readonly class WhatIsDue
{
    /** Strings are fitted so many days before a show. */
    public const SETTLE_DAYS = 2;

    private const SAID = [5 => 'five', 10 => 'ten'];

    public function __construct(private StringsLife $life) {}

    /** @return list<DueView> up to a day, what is late included; the soonest first */
    public function until(Carbon $last, ?Carbon $now = null): array
    {
        $now ??= Carbon::now();
        $due = [];
        [$benches, $care] = [$this->benches(), Care::now()];
        foreach ([...$this->strings($now, $benches, $care), ...$this->care($benches, $care, $last), ...$this->jobs($benches)] as $view) {
            if ($view->on <= $last->toDateString()) {
                $due[] = $view;
            }
        }
        usort($due, static fn (DueView $one, DueView $other): int => [$one->on, $one->name, $one->do] <=> [$other->on, $other->name, $other->do]);

        return $due;
    }

    /**
     * @param  array<int, string>  $benches
     * @return list<DueView>
     */
    private function strings(Carbon $now, array $benches, Care $care): array
    {
        $due = [];
        $off = $care->putOff();
        $shows = $this->nextShows($now);
        $oneIn = LogSettings::here()->before_show;
        $words = self::SAID[$oneIn] ?? (string) $oneIn;
        $open = Job::query()->where('status', JobStatus::Open)->orderBy('id')->pluck('id', 'instrument_id')->all();
        $sets = Job::query()->where('status', JobStatus::Finished)->orderBy('finished_at')->orderBy('id')->pluck('set_id', 'instrument_id')->all();
        foreach ($this->life->all($now) as $on) {
            $entry = $off[$on->instrument]['strings'] ?? null;
            // What was put off before they went on has passed.
            $entry = $entry !== null && $entry->on < $on->since->toDateString() ? null : $entry;
            $show = $shows[$on->instrument] ?? null;
            $beside = ['bench' => $benches[$on->instrument] ?? '', 'off' => $entry, 'job' => $open[$on->instrument] ?? null, 'set' => $sets[$on->instrument] ?? null];
            $which = ucfirst($on->which());
            if ($show !== null && self::isDueBefore($on, $show, $now, $oneIn)) {
                $due[] = self::view($on, 'show', $show['at']->copy()->subDays(self::SETTLE_DAYS)->max($now), "Fit new strings before {$show['name']}",
                    "{$show['name']} is on ".app(Dates::class)->date($show['at'])."; by its end one in {$words} of such strings has gone. {$which}, {$on->family->label()}: {$on->reason()}. Fitted two days before, they have settled.",
                    $beside);
            } elseif ($on->due !== null) {
                $due[] = self::view($on, 'strings', $on->due, 'Change '.$on->which(), "{$which}, {$on->family->label()}".($on->coated ? ', coated' : '').": {$on->reason()}.", $beside);
            }
        }

        return $due;
    }

    /** @param  array{bench: string, off: ?CareSaid, job: mixed, set: mixed}  $beside  what else is known of its instrument */
    private static function view(StringsOn $on, string $what, Carbon $day, string $do, string $why, array $beside): DueView
    {
        ['bench' => $bench, 'off' => $off, 'job' => $job, 'set' => $set] = $beside;
        $until = $off?->until;
        $due = $day->toDateString();

        return new DueView(
            implode('-', ['strings', $on->instrument, $on->family->value, $on->coated ? 'coated' : 'bare', $on->positions[0], $on->since->format('Ymd')]),
            $what, 'strings', $on->instrument, $on->name, $on->owner, $bench, $do, is_int($job) ? "{$why} A job on it is open." : $why, '',
            $until === null ? $due : max($due, $until),
            $what === 'show' ? null : $on->earliest?->toDateString(), $what === 'show' ? null : $on->latest?->toDateString(),
            $until, $off === null ? '' : $off->why, is_int($job) ? $job : null, $on->positions, is_int($set) ? $set : null,
        );
    }

    /**
     * Whether one would rather be early: by its end one in so many of such strings has gone.
     *
     * @param  array{name: string, at: Carbon, counts: float}  $show
     */
    private static function isDueBefore(StringsOn $on, array $show, Carbon $now, int $oneIn): bool
    {
        $hours = $on->playedH + ($on->hoursAWeek ?? 0.0) * max(0.0, $now->diffInDays($show['at'])) / 7 + $show['counts'];

        return $hours >= $on->life->quantileH(1 / $oneIn) && $show['at']->gt($on->since->copy()->addDays(self::SETTLE_DAYS));
    }

    /** @return array<int, array{name: string, at: Carbon, counts: float}> the next show of each instrument, and what its hours count as */
    private function nextShows(Carbon $now): array
    {
        $shows = [];
        $settings = LogSettings::here();
        $zone = $settings->zone();
        $exposure = new Exposure($settings->heat, $settings->salt, $settings->sweat);
        $rows = Play::query()->join('shows', 'shows.id', '=', 'plays.show_id')->where('shows.starts_at', '>', $now)->whereNull('shows.archived_at')
            ->orderByDesc('shows.starts_at')->toBase()
            ->get(['plays.instrument_id', 'plays.hours', 'plays.heat', 'plays.salt', 'plays.sweat', 'shows.name', 'shows.starts_at']);
        foreach ($rows as $row) {
            /** @var object{instrument_id: int, hours: float, heat: int, salt: int, sweat: int, name: string, starts_at: string}&\stdClass $row */
            $shows[$row->instrument_id] = [
                'name' => $row->name,
                'at' => Carbon::parse($row->starts_at, 'UTC')->setTimezone($zone),
                'counts' => $exposure->countedH((float) $row->hours, (bool) $row->heat, (bool) $row->salt, (bool) $row->sweat),
            ];
        }

        return $shows;
    }

    /**
     * @param  array<int, string>  $benches
     * @return list<DueView>
     */
    private function care(array $benches, Care $care, Carbon $last): array
    {
        return array_map(static fn (CareDue $care): DueView => new DueView(
            "care-{$care->instrument->id}-{$care->rule->key()}-{$care->since->format('Ymd')}",
            'care', $care->rule->key(), $care->instrument->id, $care->instrument->name, $care->instrument->owner,
            $benches[$care->instrument->id] ?? '', $care->rule->label(),
            trim($care->rule->reason().' '.ucfirst($care->rule->rhythm()->label()).'; '.($care->wasDone ? 'the last time ' : 'here since ').app(Dates::class)->date($care->since).'.'),
            $care->rule->caution(), $care->on->format('Y-m-d'), null, null, $care->putOff?->until, $care->putOff === null ? '' : $care->putOff->why, null,
        ), $care->due(Instrument::query()->orderBy('id')->get(['id', 'name', 'kind', 'owner', 'place', 'document', 'created_at']), $last));
    }

    /**
     * @param  array<int, string>  $benches
     * @return list<DueView>
     */
    private function jobs(array $benches): array
    {
        return array_values(Job::query()->with('instrument:id,name')->where('status', JobStatus::Open)->whereNotNull('promised_on')->orderBy('id')->get()
            ->map(static fn (Job $job): DueView => new DueView(
                "job-{$job->id}", 'job', "job-{$job->id}", $job->instrument_id, $job->instrument->name, $job->owner, $job->bench, "Finish the job: {$job->name}",
                "Promised for that day; {$job->standing['done']} of {$job->standing['total']} steps are done.", '',
                (string) $job->promised_on?->toDateString(), null, null, null, '', $job->id,
            ))->all());
    }

    /** @return array<int, string> where the last job of each instrument was */
    private function benches(): array
    {
        $benches = [];
        $last = DB::table('jobs')->selectRaw('max(id)')->where('bench', '!=', '')->groupBy('instrument_id');
        foreach (DB::table('jobs')->whereIn('id', $last)->get(['instrument_id', 'bench']) as $row) {
            /** @var object{instrument_id: int, bench: string}&\stdClass $row */
            $benches[$row->instrument_id] = $row->bench;
        }

        return $benches;
    }
}
