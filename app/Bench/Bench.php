<?php

declare(strict_types=1);

namespace App\Bench;

use App\Instruments\OnInstrument;
use App\Models\Pool;
use App\Models\SetVersion;
use App\Models\StringSet;
use App\Strings\Pools\Pools;
use Lira\Document\Answers;
use Lira\Document\PoolReader;
use Lira\Document\SetDocument;
use Lira\Kind\Kind;
use Lira\Pitch\Pitch;
use Lira\Pitch\TuningNames;

/** What the Bench needs to draw a set at once, without asking again. */
final readonly class Bench
{
    public function __construct(private StoredSets $sets, private Pools $pools, private OnInstrument $on) {}

    /** @return array<string, mixed> */
    public function props(StringSet $set): array
    {
        $pool = $set->pool_id === null ? null : Pool::query()->find($set->pool_id);
        $strings = $pool === null ? PoolReader::STANDARD : $this->pools->stringsFor(
            $pool,
            $set->strings()->count(),
            count($set->tuning_names),
        );

        return [
            'set' => $this->set($set),
            'evaluation' => $this->evaluation($set, $strings),
            'versions' => $this->versions($set),
            'pitches' => $this->pitches(),
            'tuningNames' => TuningNames::for(Kind::from($set->instrument->kind), $set->instrument->strings)->byNotes(),
            'pools' => $this->pools->names(),
            'pool' => $pool?->id,
            'onIt' => $this->onIt($set),
        ];
    }

    /** @return array{name: string, set: ?int, since: string, felt: string, baseline: \stdClass}|null what is on its instrument now */
    private function onIt(StringSet $set): ?array
    {
        $job = $this->on->lastJob($set->instrument_id);
        $baseline = $job === null ? null : $this->on->baseline($set->instrument);

        return $job === null || $baseline === null ? null : [
            'name' => $job->name,
            'set' => $job->set_id,
            'since' => $job->finished_at?->toIso8601String() ?? '',
            'felt' => $this->on->felt($job),
            'baseline' => $baseline,
        ];
    }

    /** @return array{id: int, revision: int, instrumentId: int, savedAt: ?string, document: \stdClass} */
    public function set(StringSet $set): array
    {
        return [
            'id' => $set->id,
            'revision' => $set->revision,
            'instrumentId' => $set->instrument_id,
            'savedAt' => $set->updated_at->toIso8601String(),
            'document' => $this->sets->design($set),
        ];
    }

    /** @return list<array{id: int, name: string, keptAt: string}> newest first */
    public function versions(StringSet $set): array
    {
        return array_values($set->versions()->select(['id', 'name', 'created_at'])->latest('id')->get()
            ->map(static fn (SetVersion $version): array => [
                'id' => $version->id, 'name' => $version->name, 'keptAt' => $version->created_at->toIso8601String(),
            ])->all());
    }

    /**
     * @param  'standard'|list<\stdClass>  $pool  whose ticks the lanes show
     * @return array<string, mixed>
     */
    private function evaluation(StringSet $set, string|array $pool): array
    {
        $json = $this->sets->json($set);
        $json->pool = $pool;

        return Answers::evaluation(SetDocument::from($json));
    }

    /**
     * Every pitch by its note number, spelt both ways, to step along by semitones.
     *
     * @return list<array{string, string}> sharp and flat
     */
    private function pitches(): array
    {
        return array_map(
            static fn (int $note): array => [Pitch::numbered($note, flats: false)->name(), Pitch::numbered($note)->name()],
            range(0, 127),
        );
    }
}
