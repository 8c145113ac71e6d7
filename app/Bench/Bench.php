<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Views\OnItNowView;
use App\Bench\Views\SavedSetView;
use App\Bench\Views\VersionView;
use App\Instruments\OnInstrument;
use App\Models\Pool;
use App\Models\SetVersion;
use App\Models\StringSet;
use App\Strings\Pools\Pools;
use Lira\Document\Answers;
use Lira\Document\PoolReader;
use Lira\Document\SetDocument;
use Lira\Pitch\Pitch;

/** What the Bench needs to draw a set at once, without asking again. */
final readonly class Bench
{
    public function __construct(private StoredSets $sets, private Pools $pools, private OnInstrument $on) {}

    /** What is on its instrument now. */
    public function onIt(StringSet $set): ?OnItNowView
    {
        $job = $this->on->lastJob($set->instrument_id);
        $baseline = $job === null ? null : $this->on->baseline($set->instrument);

        return $job === null || $baseline === null ? null
            : new OnItNowView($job->name, $job->set_id, $job->finished_at?->toIso8601String() ?? '', $this->on->felt($job), $baseline);
    }

    public function set(StringSet $set): SavedSetView
    {
        return new SavedSetView($set->id, $set->revision, $set->instrument_id, $set->updated_at->toIso8601String(), $this->sets->design($set));
    }

    /** @return list<VersionView> newest first */
    public function versions(StringSet $set): array
    {
        return array_values($set->versions()->select(['id', 'name', 'created_at'])->latest('id')->get()
            ->map(static fn (SetVersion $version): VersionView => new VersionView($version->id, $version->name, $version->created_at->toIso8601String()))->all());
    }

    /** @return EvaluationJson with the ticks of the pool that it is chosen from */
    public function evaluation(StringSet $set, ?Pool $pool): array
    {
        $json = $this->sets->json($set);
        $json->pool = $pool === null ? PoolReader::STANDARD : $this->pools->stringsFor($pool, $set->strings()->count(), count($set->tuning_names));

        return Answers::evaluation(SetDocument::from($json));
    }

    /**
     * Every pitch by its note number, spelt both ways, to step along by semitones.
     *
     * @return list<array{string, string}> sharp and flat
     */
    public static function pitches(): array
    {
        return array_map(
            static fn (int $note): array => [Pitch::numbered($note, flats: false)->name(), Pitch::numbered($note)->name()],
            range(0, 127),
        );
    }
}
