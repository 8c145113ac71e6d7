<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\StoredSets;
use App\Instruments\OnInstrument;
use App\Jobs\Views\ChoiceView;
use App\Models\Instrument;
use App\Models\StringSet;
use Lira\Wording\Dates;

/** What a job can begin from: what is on the instrument now, and whose way it goes. */
final readonly class Beginning
{
    public const LAST = 'last';

    public const FELT = 'felt';

    public const NOTHING = 'nothing';

    public const SET = 'set:';

    public function __construct(private OnInstrument $on, private StoredSets $sets, private SchoolsKept $schools) {}

    /** @return list<ChoiceView> what may be on the instrument now, the likeliest first */
    public function presents(StringSet $set): array
    {
        $last = $this->on->lastJob($set->instrument_id);
        $felt = $this->feltHere($set);
        $others = $set->instrument->sets()->whereKeyNot($set->id)->latest('updated_at')->latest('id')->limit(20)->get(['id', 'name']);

        return [
            ...($last === null ? [] : [new ChoiceView(self::LAST, "{$last->name}, put on ".($last->finished_at === null ? '' : app(Dates::class)->date($last->finished_at)))]),
            ...($felt === null ? [] : [new ChoiceView(self::FELT, is_string($felt->name ?? null) ? "{$felt->name}, from which it is measured" : 'The strings from which it is measured')]),
            new ChoiceView(self::SET.$set->id, 'The same strings, old'),
            ...$others->map(static fn (StringSet $other): ChoiceView => new ChoiceView(self::SET.$other->id, $other->name))->all(),
            new ChoiceView(self::NOTHING, 'Nothing: it is bare'),
        ];
    }

    /** @return ?\stdClass as documents carry a baseline; null where nothing is on the instrument */
    public function present(StringSet $set, string $chosen): ?\stdClass
    {
        if (str_starts_with($chosen, self::SET)) {
            $other = $set->instrument->sets()->withTrashed()->find((int) substr($chosen, strlen(self::SET)));

            return $other instanceof StringSet ? OnInstrument::of($this->sets->json($other)) : null;
        }

        return match ($chosen) {
            self::LAST => $this->on->baseline($set->instrument),
            self::FELT => $this->feltHere($set),
            default => null,
        };
    }

    /** Strings from which it is measured, if those are on this instrument. */
    private function feltHere(StringSet $set): ?\stdClass
    {
        $baseline = $set->document->baseline ?? null;
        $instrument = $baseline instanceof \stdClass ? $baseline->instrument ?? null : null;

        return $baseline instanceof \stdClass && $instrument instanceof \stdClass && ($instrument->name ?? null) === $set->instrument->name
            ? OnInstrument::of($baseline, $set->instrument->document) : null;
    }

    /** @return array<string, array<string, string>> schools by aspect, by whose way they are; only those that were ever chosen */
    public function ways(Instrument $instrument): array
    {
        $last = $this->schools->lastOn($instrument);

        return array_filter([
            'last' => $last['schools'] ?? [],
            'owner' => $instrument->owner === '' ? [] : $this->schools->of($instrument->owner),
            'workshop' => $this->schools->of(SchoolsKept::WORKSHOP),
        ], static fn (array $schools): bool => $schools !== []) + ($last === null ? [] : ['last' => []]);
    }

    public function leftHanded(Instrument $instrument): bool
    {
        return $this->schools->lastOn($instrument)['leftHanded'] ?? false;
    }
}
