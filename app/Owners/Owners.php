<?php

declare(strict_types=1);

namespace App\Owners;

use App\Instruments\StoredInstruments;
use App\Jobs\Jobs;
use App\Models\CareEntry;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;
use App\Models\OwnCareRule;
use App\Models\SchoolChoice;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use Lira\Job\Event\Agreed;
use Lira\Job\Heard;

/** Whose instruments are here. An owner is a name: on instruments, jobs, care rules, and a way of working of their own. */
final readonly class Owners
{
    public const LONGEST_NAME = 200;

    public function __construct(private StoredInstruments $instruments, private Jobs $jobs) {}

    /** @return list<array{name: string, instruments: int, jobs: int, open: int, rules: int, way: bool}> by name */
    public function all(): array
    {
        $counts = [
            'instruments' => self::counted(Instrument::query()), 'jobs' => self::counted(Job::query()),
            'open' => self::counted(Job::query()->where('status', JobStatus::Open)), 'rules' => self::counted(OwnCareRule::query()),
            'ways' => self::counted(SchoolChoice::query()),
        ];
        $owners = [];
        foreach (array_keys($counts['instruments'] + $counts['jobs'] + $counts['rules'] + $counts['ways']) as $name) {
            $owners[$name] = [
                'name' => (string) $name, 'instruments' => $counts['instruments'][$name] ?? 0, 'jobs' => $counts['jobs'][$name] ?? 0,
                'open' => $counts['open'][$name] ?? 0, 'rules' => $counts['rules'][$name] ?? 0, 'way' => isset($counts['ways'][$name]),
            ];
        }
        uksort($owners, static fn (int|string $a, int|string $b): int => strcoll(mb_strtolower((string) $a), mb_strtolower((string) $b)));

        return array_values($owners);
    }

    /**
     * @param  Builder<covariant Model>  $query
     * @return array<int|string, int> how many each owner has
     */
    private static function counted(Builder $query): array
    {
        $counts = [];
        foreach ($query->where('owner', '!=', '')->groupBy('owner')->selectRaw('owner, count(*) as number')->toBase()->get() as $row) {
            /** @var object{owner: string, number: int}&\stdClass $row */
            $counts[$row->owner] = $row->number;
        }

        return $counts;
    }

    /**
     * All of theirs.
     *
     * @return array{instruments: list<array{id: int, name: string, strings: int}>, jobs: list<array{id: int, name: string, instrument: string, on: ?string}>, rules: list<string>, care: int}
     */
    public function of(string $owner): array
    {
        $instruments = Instrument::query()->where('owner', $owner)->orderBy('name')->get(['id', 'name', 'strings']);

        return [
            'instruments' => array_values($instruments->map(static fn (Instrument $one): array => ['id' => $one->id, 'name' => $one->name, 'strings' => $one->strings])->all()),
            'jobs' => array_values(Job::query()->with('instrument')->where('owner', $owner)->orderByRaw('finished_at is not null')->latest('finished_at')->latest('id')->limit(200)->get()->map(static fn (Job $job): array => [
                'id' => $job->id, 'name' => $job->name, 'instrument' => $job->instrument->name, 'on' => $job->finished_at?->toIso8601String(),
            ])->all()),
            'rules' => array_values(array_filter(OwnCareRule::query()->where('owner', $owner)->orderBy('name')->pluck('name')->all(), is_string(...))),
            'care' => CareEntry::query()->whereIn('instrument_id', $instruments->pluck('id'))->where('done', true)->count(),
        ];
    }

    /**
     * Another name for somebody. Where there is an owner of that name the two become one; their own way of working is then that of the
     * name that stays, where it has one.
     *
     * @return array{instruments: int, jobs: int, merged: bool}
     */
    public function rename(string $from, string $to): array
    {
        $merged = in_array($to, array_column($this->all(), 'name'), true);
        $instruments = Instrument::withTrashed()->where('owner', $from)->get();
        foreach ($instruments as $instrument) {
            $document = clone $instrument->document;
            $document->owner = $to;
            $instrument->document = $document;
            // Whoever has its sheet open learns of it, instead of writing the old name again.
            $instrument->revision++;
            $this->instruments->describe($instrument);
            $instrument->save();
        }
        $jobs = Job::withTrashed()->where('owner', $from)->get();
        foreach ($jobs as $job) {
            $job->owner = $to;
            $job->save();
            $this->agree($job, $from, $to);
        }
        OwnCareRule::withTrashed()->where('owner', $from)->update(['owner' => $to]);
        $kept = SchoolChoice::query()->where('owner', $from)->first();
        if ($kept !== null) {
            SchoolChoice::query()->where('owner', $to)->exists() ? $kept->delete() : $kept->update(['owner' => $to]);
        }

        return ['instruments' => $instruments->count(), 'jobs' => $jobs->count(), 'merged' => $merged];
    }

    /** What was agreed meanwhile names its owner, too: the same is agreed anew with the name that holds now. */
    private function agree(Job $job, string $from, string $to): void
    {
        $agreed = $job->trashed() ? null : $this->jobs->file($job)->progress->agreed();
        if ($agreed !== null && $agreed['owner'] === $from) {
            $said = new Agreed($to, $agreed['reason'], $agreed['promised_on']);
            $this->jobs->record($job, [new Heard(Str::lower(Str::uuid()->toString()), $said, '', null, null, CarbonImmutable::now()->getTimestamp(), '')]);
        }
    }
}
