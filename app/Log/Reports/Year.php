<?php

declare(strict_types=1);

namespace App\Log\Reports;

use App\Hours\Worn;
use App\Log\TimeLine;
use App\Log\Views\WorkshopYearView;
use App\Models\CareEntry;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobReason;
use App\Models\JobStatus;
use App\Models\Play;
use App\Models\TypeColumns;
use App\Strings\StringWords;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Kind\Kind;
use Lira\Life\Family;
use Lira\Wording\Dates;
use Lira\Wording\Units;

/** A year of an instrument, or of the whole workshop: jobs, strings used, what they cost, minutes, hours played, care. */
final readonly class Year
{
    public function __construct(private TimeLine $timeLine, private Dates $dates) {}

    /**
     * Of an instrument.
     *
     * @return array{title: string, year: int, owner: string, sums: list<array{string, string}>, used: list<array{what: string, count: int, family: string, hours: string}>,
     *     sets: list<array{name: string, from: string, to: string, hours: string, pull: string, why: string, felt: string}>,
     *     measured: list<array{on: string, moment: string, action: string, relief: string}>, happened: list<array{on: string, words: string}>}
     */
    public function of(Instrument $instrument, int $year, Units $units): array
    {
        $line = $this->timeLine->of($instrument);
        $in = static fn (string $date): bool => str_starts_with($date, (string) $year);
        $sets = [];
        foreach ($line->periods as $period) {
            if ((int) substr($period->from, 0, 4) <= $year && ($period->to === null || (int) substr($period->to, 0, 4) >= $year)) {
                $sets[] = [
                    'name' => $period->name, 'from' => $this->dates->date(Carbon::parse($period->from)),
                    'to' => $period->to === null ? 'still on' : $this->dates->date(Carbon::parse($period->to)),
                    'hours' => $period->hours === null ? '–' : number_format($period->hours).' h',
                    'pull' => $period->pull_n === null ? '–' : $units->force($period->pull_n),
                    'why' => $period->to === null ? '' : (JobReason::tryFrom($period->reason) ?? JobReason::Other)->cause(), 'felt' => $period->felt,
                ];
            }
        }

        return [
            'title' => $instrument->name,
            'year' => $year,
            'owner' => $instrument->owner,
            'sums' => $this->sums($year, $instrument->id),
            'sets' => $sets,
            'used' => $this->used($year, $units, $instrument->id),
            'measured' => array_values(array_filter(array_map(fn ($view): ?array => $in($view->on) ? [
                'on' => $this->dates->dayOfYear(Carbon::parse($view->on)), 'moment' => $view->moment,
                'action' => $view->action_mm === null ? '–' : $units->fine($view->action_mm / 1000), 'relief' => $view->relief_mm === null ? '–' : $units->fine($view->relief_mm / 1000),
            ] : null, $line->measured))),
            'happened' => array_values(array_filter(array_map(fn ($view): ?array => $in($view->on) && $view->what !== 'note' ? [
                'on' => $this->dates->dayOfYear(Carbon::parse($view->on)), 'words' => $view->words,
            ] : null, array_reverse($line->happened)))),
        ];
    }

    /** Of all that was done here. */
    public function ofWorkshop(int $year, Units $units): WorkshopYearView
    {
        $rows = $this->jobs($year)->join('instruments as i', 'i.id', '=', 'jobs.instrument_id')->groupBy('jobs.instrument_id')
            ->selectRaw("i.name, i.owner, count(*) as jobs, sum(json_extract(jobs.standing, '$.minutes')) as minutes")->orderByDesc('jobs')->orderBy('i.name')->toBase()->get();
        $instruments = [];
        foreach ($rows as $row) {
            /** @var object{name: string, owner: string, jobs: int, minutes: ?int}&\stdClass $row */
            $instruments[] = ['name' => $row->name, 'owner' => $row->owner, 'jobs' => $row->jobs, 'minutes' => $row->minutes === null ? '–' : self::time($row->minutes)];
        }

        return new WorkshopYearView($year, $this->sums($year), $this->used($year, $units), $instruments);
    }

    /** @return list<int> years in which something happened, the last first */
    public function known(): array
    {
        $first = array_filter([
            Job::query()->where('status', JobStatus::Finished)->min('finished_at'), Play::query()->min('played_on'), CareEntry::query()->min('happened_on'),
        ], is_string(...));
        $now = (int) Carbon::now()->format('Y');

        return $first === [] ? [] : range($now, min($now, (int) substr(min($first), 0, 4)));
    }

    /** @return list<array{string, string}> what and how much */
    private function sums(int $year, ?int $instrument = null): array
    {
        $jobs = $this->jobs($year);
        $plays = Play::query()->whereBetween('played_on', ["{$year}-01-01", "{$year}-12-31 23:59:59"])->where('played_on', '<', Carbon::now()->addDay()->toDateString());
        $care = CareEntry::query()->where('done', true)->whereBetween('happened_on', ["{$year}-01-01", "{$year}-12-31 23:59:59"]);
        $fitted = DB::table('fittings')->whereBetween('fitted_at', ["{$year}-01-01", "{$year}-12-31 23:59:59"]);
        if ($instrument !== null) {
            foreach ([$jobs, $plays, $care, $fitted] as $query) {
                $query->where('instrument_id', $instrument);
            }
        }
        $minutes = $jobs->clone()->sum(DB::raw("json_extract(standing, '$.minutes')"));
        $costs = $fitted->clone()->join('lots as l', 'l.id', '=', 'fittings.lot_id')->leftJoin('list_strings as ls', 'ls.id', '=', 'l.list_string_id')
            ->leftJoin('suppliers as su', 'su.id', '=', 'ls.supplier_id')->whereNotNull('l.cents')->groupBy('su.currency')
            ->selectRaw('su.currency, sum(l.cents) as cents, count(*) as count')->get();
        $sums = [
            ['Jobs finished', (string) $jobs->count()],
            ['At the bench', self::time((int) $minutes)],
            ['Strings put on', (string) $fitted->count()],
        ];
        foreach ($costs as $cost) {
            /** @var object{currency: ?string, cents: int, count: int}&\stdClass $cost */
            $sums[] = ["What {$cost->count} of them cost", number_format($cost->cents / 100, 2).' '.($cost->currency ?? '')];
        }
        $hours = (float) $plays->clone()->sum('hours');
        $sums[] = ['Hours played', number_format($hours)];
        $sums[] = ['Shows played', (string) $plays->clone()->whereNotNull('show_id')->where('hours', '>', 0)->distinct()->count('show_id')];
        $sums[] = ['Times care was taken', (string) $care->count()];

        return $sums;
    }

    /** @return Builder<Job> */
    private function jobs(int $year): Builder
    {
        return Job::query()->where('status', JobStatus::Finished)->whereBetween('finished_at', ["{$year}-01-01", "{$year}-12-31 23:59:59"]);
    }

    /** @return list<array{what: string, count: int, family: string, hours: string}> strings that were put on, by family */
    private function used(int $year, Units $units, ?int $instrument = null): array
    {
        $worn = Worn::query()->whereBetween('f.fitted_at', ["{$year}-01-01", "{$year}-12-31 23:59:59"]);
        if ($instrument !== null) {
            $worn->where('f.instrument_id', $instrument);
        }
        $rows = Worn::summed($worn)->groupBy(['kind', 'construction', 'material', 'gauge_nm'])
            ->selectRaw('kind, construction, material, gauge_nm, count(*) as count, avg(case when removed_at is not null then hours end) as hours')
            ->orderBy('construction')->orderBy('gauge_nm')->get();
        $used = [];
        foreach ($rows as $row) {
            /** @var object{kind: string, construction: string, material: string, gauge_nm: int, count: int, hours: ?float}&\stdClass $row */
            $type = TypeColumns::read($row->construction, $row->material, $row->gauge_nm);
            $name = StringWords::of($type, $units);
            $used[$name] ??= ['what' => $name, 'family' => Family::of($type, Kind::from($row->kind))->label(), 'count' => 0, 'hours' => '–'];
            $used[$name]['count'] += $row->count;
            $used[$name]['hours'] = $row->hours === null ? $used[$name]['hours'] : number_format($row->hours).' h';
        }

        return array_values(array_map(static fn (array $row): array => ['what' => $row['what'], 'count' => $row['count'], 'family' => $row['family'], 'hours' => $row['hours']], $used));
    }

    private static function time(int $minutes): string
    {
        return $minutes < 60 ? "{$minutes} min" : intdiv($minutes, 60).' h '.sprintf('%02d', $minutes % 60).' min';
    }
}
