<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Pages\Jobs\NewJobPage;
use App\Http\ReaderUnits;
use App\Http\Requests\Jobs\PlanJobRequest;
use App\Http\Requests\Jobs\StartJobRequest;
use App\Http\Said;
use App\Instruments\OnInstrument;
use App\Instruments\StoredInstruments;
use App\Jobs\Beginning;
use App\Jobs\Jobs;
use App\Jobs\JobViews;
use App\Jobs\Preview;
use App\Jobs\SchoolsKept;
use App\Jobs\Views\BeginView;
use App\Jobs\Views\JobRowView;
use App\Log\Views\DueView;
use App\Log\WhatIsDue;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;
use App\Models\StringSet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;
use Lira\Fitting\School\Schools;

/** A job, before it is begun: on what, by whose way, and what that comes to. */
final readonly class BeginController
{
    /** What is due so soon is offered to be begun. */
    private const SOON_DAYS = 7;

    private const OFFERED = 8;

    public function __construct(
        private Jobs $jobs,
        private JobViews $views,
        private Beginning $beginning,
        private Preview $preview,
        private SchoolsKept $schools,
        private StoredInstruments $instruments,
        private OnInstrument $on,
        private WhatIsDue $due,
    ) {}

    /** A job on a set, before it is begun. */
    public function create(Request $request): Response
    {
        $set = StringSet::query()->with('instrument')->find($request->integer('set'));
        $instrument = $set === null ? Instrument::query()->find($request->integer('instrument')) : null;
        $begin = null;
        if ($set !== null) {
            $presents = $this->beginning->presents($set);
            $ways = $this->beginning->ways($set->instrument);
            $way = array_key_first(array_intersect_key($ways, ['owner' => true, 'workshop' => true])) ?? 'usual';
            $schools = $ways[$way] ?? [];
            $leftHanded = $this->beginning->leftHanded($set->instrument);
            $begin = new BeginView(
                set: ['id' => $set->id, 'name' => $set->name],
                instrument: ['id' => $set->instrument_id, 'name' => $set->instrument->name],
                owner: $set->instrument->owner,
                presents: $presents,
                ways: $ways,
                way: $way,
                schools: $schools,
                left_handed: $leftHanded,
                open: $this->on->open($set->instrument_id),
                some: $this->some($request, $set),
                preview: $this->preview->of($set, $presents[0]->value, $schools, $leftHanded, ReaderUnits::of($request)),
            );
        }

        return (new NewJobPage(
            begin: $begin,
            instrument: $instrument === null ? null : ['name' => $instrument->name, 'sets' => $this->instruments->sets($instrument)],
            offers: $set === null && $instrument === null ? $this->offers() : null,
            benches: array_values(array_filter(Job::query()->where('bench', '!=', '')->distinct()->orderBy('bench')->limit(20)->pluck('bench')->all(), is_string(...))),
        ))->response();
    }

    /** @return list<int> the strings that were asked for, as far as they are some of the set's and not all */
    private function some(Request $request, StringSet $set): array
    {
        $all = $set->instrument->strings;
        $asked = array_unique(array_map(intval(...), explode(',', Said::words($request, 'strings'))));
        $some = array_values(array_filter($asked, static fn (int $position): bool => $position >= 1 && $position <= $all));

        return count($some) === $all ? [] : $some;
    }

    /** @return array{due: list<DueView>, designed: list<array{id: int, name: string, instrument: string}>, open: list<JobRowView>} what a job is most likely begun for, and what is open already */
    private function offers(): array
    {
        return [
            'due' => array_slice(array_values(array_filter(
                $this->due->until(Carbon::now()->addDays(self::SOON_DAYS)),
                static fn (DueView $due): bool => $due->rule === 'strings' && $due->job === null,
            )), 0, self::OFFERED),
            'designed' => array_values(StringSet::query()->with('instrument:id,name')->whereNotIn('id', Job::query()->whereNotNull('set_id')->select('set_id'))
                ->latest('updated_at')->latest('id')->limit(self::OFFERED)->get()
                ->map(static fn (StringSet $set): array => ['id' => $set->id, 'name' => $set->name, 'instrument' => $set->instrument->name])->all()),
            'open' => array_values(array_filter($this->views->rows(), static fn (JobRowView $row): bool => $row->status === JobStatus::Open)),
        ];
    }

    public function plan(PlanJobRequest $request): JsonResponse
    {
        return new JsonResponse($this->preview->of($request->set(), $request->present(), $request->schools(), $request->leftHanded(), ReaderUnits::of($request), $request->positions()));
    }

    public function store(StartJobRequest $request): JsonResponse
    {
        $set = $request->set();
        $begun = $this->jobs->begunWith($request->key());
        if ($begun !== null) {
            return new JsonResponse(['id' => $begun->id]);
        }
        $document = $this->jobs->document($set, $this->beginning->present($set, $request->present()), $request->schools(), $request->leftHanded(), $request->positions());

        return new JsonResponse(['id' => $this->jobs->start($set, $document, $request->said(), $request->key())->id], 201);
    }

    /** Keeps schools as the workshop's or an owner's way. */
    public function keepSchools(Request $request): JsonResponse
    {
        $owner = mb_substr(Said::words($request, 'owner'), 0, 200);
        $schools = [];
        foreach (Schools::aspects() as $aspect => $enum) {
            $chosen = $request->input("schools.{$aspect}");
            if (is_string($chosen) && $enum::tryFrom($chosen) !== null) {
                $schools[$aspect] = $chosen;
            }
        }
        $this->schools->keep($owner, $schools);

        return new JsonResponse(['owner' => $owner, 'schools' => (object) $schools]);
    }
}
