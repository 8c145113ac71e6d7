<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\StringSet;
use Lira\Instrument\Kind;

/** Sets in a line each, for lists. */
final class SetSummaries
{
    /** @return list<array<string, mixed>> the last changed first */
    public static function all(): array
    {
        return array_values(StringSet::query()->select(['id', 'instrument_id', 'name', 'tuning_names', 'gauges_in', 'updated_at'])
            ->with('instrument:id,name,kind,strings')->latest('updated_at')->latest('id')->get()
            ->map(static fn (StringSet $set): array => [
                'id' => $set->id,
                'name' => $set->name,
                'instrument' => $set->instrument->name,
                'kind' => Kind::from($set->instrument->kind)->label(),
                'strings' => $set->instrument->strings,
                'tunings' => $set->tuning_names,
                'gauges_in' => $set->gauges_in,
                'savedAt' => $set->updated_at->toIso8601String(),
            ])->all());
    }
}
