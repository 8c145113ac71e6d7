<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Pool;
use App\Models\SetVersion;
use App\Models\StringSet;
use App\Support\Supply\Pools;
use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Document\SetReader;
use Lira\Pitch\Pitch;

/** What the Bench needs to draw a set at once, without asking again. */
final class Bench
{
    /** @return array<string, mixed> */
    public static function props(StringSet $set): array
    {
        $pool = $set->pool_id === null ? null : Pool::query()->find($set->pool_id);
        // As many gauges as can be worked out at once for this many strings and tunings.
        $most = intdiv(SetReader::MOST_TENSIONS, max(1, $set->strings()->count() * count($set->tuning_names)));
        $strings = $pool === null ? null : array_slice(Pools::strings($pool), 0, $most);

        return [
            'set' => self::set($set),
            'evaluation' => self::evaluation($set, $strings ?? 'standard'),
            'versions' => self::versions($set),
            'pitches' => self::pitches(),
            'pools' => Pools::names(),
            'pool' => $pool === null ? null : ['id' => $pool->id, 'strings' => $strings],
        ];
    }

    /** @return array{id: int, revision: int, instrumentId: int, savedAt: ?string, document: \stdClass} */
    public static function set(StringSet $set): array
    {
        return [
            'id' => $set->id,
            'revision' => $set->revision,
            'instrumentId' => $set->instrument_id,
            'savedAt' => $set->updated_at->toIso8601String(),
            'document' => StoredSets::json($set),
        ];
    }

    /** @return list<array{id: int, name: string, keptAt: string}> newest first */
    public static function versions(StringSet $set): array
    {
        return array_values($set->versions()->select(['id', 'name', 'created_at'])->latest('id')->get()->map(static fn (SetVersion $version): array => [
            'id' => $version->id, 'name' => $version->name, 'keptAt' => $version->created_at->toIso8601String(),
        ])->all());
    }

    /**
     * @param  'standard'|list<\stdClass>  $pool  whose ticks the lanes show
     * @return array<string, mixed>
     */
    private static function evaluation(StringSet $set, string|array $pool): array
    {
        $json = StoredSets::json($set);
        $json->pool = $pool;

        return Answers::evaluation(SetDocument::from($json));
    }

    /**
     * Every pitch by its note number, spelt both ways, to step along by semitones.
     *
     * @return list<array{string, string}> sharp and flat
     */
    private static function pitches(): array
    {
        return array_map(static fn (int $note): array => [Pitch::numbered($note, flats: false)->name(), Pitch::numbered($note)->name()], range(0, 127));
    }
}
