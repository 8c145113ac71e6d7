<?php

declare(strict_types=1);

namespace App\Tuning;

use App\Instruments\OnInstrument;
use App\Models\Instrument;
use App\Models\StringSet;
use App\Tuning\Views\TunableView;

/** Every instrument that can be tuned, with the set that is on it: what a job put there, else what was last designed for it. */
final readonly class WhatIsTuned
{
    public function __construct(private OnInstrument $on) {}

    /** @return list<TunableView> the one that was last worked on first */
    public function all(): array
    {
        $jobs = $this->on->lastJobs();
        $designed = StringSet::query()->selectRaw('instrument_id, max(updated_at) as last, id, name')->groupBy('instrument_id')->get()->keyBy('instrument_id');
        $there = StringSet::query()->pluck('id', 'id');
        $views = [];
        foreach (Instrument::query()->orderBy('name')->get(['id', 'name', 'owner', 'kind', 'strings', 'updated_at']) as $instrument) {
            $job = $jobs[$instrument->id] ?? null;
            $set = $designed->get($instrument->id);
            $on = $job !== null && $job->set_id !== null && $there->has($job->set_id);
            if (! $on && $set === null) {
                continue;
            }
            $views[] = new TunableView(
                $instrument->id, $instrument->name, $instrument->owner, $instrument->strings,
                $on ? (int) $job->set_id : (int) $set?->id, $on ? $job->name : (string) $set?->name, $on,
                max((string) $job?->finished_at?->toIso8601String(), (string) $instrument->updated_at->toIso8601String()),
            );
        }
        usort($views, static fn (TunableView $one, TunableView $other): int => [$other->last, $one->name] <=> [$one->last, $other->name]);

        return $views;
    }
}
