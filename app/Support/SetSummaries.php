<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\StringSet;

/** Sets in a line each, for lists. */
final class SetSummaries
{
    /** @return list<array<string, mixed>> the last changed first */
    public static function all(): array
    {
        return array_values(StringSet::query()->with('instrument')->latest('updated_at')->latest('id')->get()
            ->map(static function (StringSet $set): array {
                $document = StoredSets::document($set);

                return [
                    'id' => $set->id,
                    'name' => $set->name,
                    'instrument' => $set->instrument->name,
                    'kind' => $document->design->instrument->kind->label(),
                    'strings' => count($document->design->strings),
                    'tunings' => array_map(static fn ($tuning): string => $tuning->name, $document->design->tunings),
                    'gauges_in' => array_map(static fn ($string): float => round($string->spec->gauge->inInches(), 6), $document->design->strings),
                    'savedAt' => $set->updated_at->toIso8601String(),
                ];
            })->all());
    }
}
