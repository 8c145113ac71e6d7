<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Instruments\Views\InstrumentSummaryView;
use App\Models\Instrument;
use App\Models\StringSet;
use App\Workshop\Conflict;
use App\Workshop\Revision;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Lira\Document\InstrumentReader;
use Lira\Document\InvalidDocument;
use Lira\Kind\Kind;

/** Instruments in and out of storage. Errors carry the paths of the `instrument` part of a set document. */
final class StoredInstruments
{
    /**
     * @param  bool  $away  those that were put away instead
     * @return list<InstrumentSummaryView>
     */
    public function summaries(bool $away = false): array
    {
        $query = $away ? Instrument::onlyTrashed() : Instrument::query();

        return array_values($query->select(['id', 'name', 'kind', 'strings', 'first_mm', 'last_mm', 'owner'])
            ->withCount('sets')->addSelect($this->last())->orderBy('name')->get()
            ->map(static fn (Instrument $instrument): InstrumentSummaryView => new InstrumentSummaryView(
                $instrument->id, $instrument->name, Kind::from($instrument->kind)->label(), $instrument->owner, $instrument->strings,
                [$instrument->first_mm, $instrument->last_mm], (int) $instrument->sets_count,
                $instrument->last_set_id === null ? null : ['id' => $instrument->last_set_id, 'name' => (string) $instrument->last_set_name],
            ))->all());
    }

    /**
     * The set that was last designed for each instrument, found with the list itself.
     *
     * @return array<string, Builder<StringSet>>
     */
    private function last(): array
    {
        $last = static fn (string $column): Builder => StringSet::query()->select($column)
            ->whereColumn('instrument_id', 'instruments.id')->latest('updated_at')->latest('id')->limit(1);

        return ['last_set_id' => $last('id'), 'last_set_name' => $last('name')];
    }

    /**
     * The sets designed for it, the last changed first.
     *
     * @return list<array{id: int, name: string}>
     */
    public function sets(Instrument $instrument): array
    {
        return array_values($instrument->sets()->latest('updated_at')->latest('id')->get(['id', 'name'])
            ->map(static fn (StringSet $set): array => ['id' => $set->id, 'name' => $set->name])->all());
    }

    /** Another instrument like it, named as a copy. */
    public function duplicate(Instrument $instrument): Instrument
    {
        $document = clone $instrument->document;
        $document->name = mb_substr($instrument->name, 0, 190).', copy';

        return $this->add($document, $instrument->strings);
    }

    /** @throws InvalidDocument if it cannot be used */
    public function add(\stdClass $document, int $strings): Instrument
    {
        return tap(new Instrument, function (Instrument $instrument) use ($document, $strings): void {
            $this->write($instrument, $document, $strings);
            $instrument->save();
        });
    }

    /**
     * @throws InvalidDocument if it cannot be used
     * @throws Conflict if somebody else changed it first, or sets depend on its number of strings
     */
    public function update(Instrument $instrument, \stdClass $document, int $strings, int $revision): Instrument
    {
        return DB::transaction(function () use ($instrument, $document, $strings, $revision): Instrument {
            $current = Instrument::query()->lockForUpdate()->findOrFail($instrument->id);
            Revision::advance($current, $revision, "“{$current->name}”");
            if ($current->strings !== $strings && ($sets = $current->sets()->withTrashed()->count()) > 0) {
                throw Conflict::stringCountInUse($sets);
            }
            $this->write($current, $document, $strings);
            $current->save();

            return $current;
        });
    }

    private function write(Instrument $instrument, \stdClass $document, int $strings): void
    {
        $instrument->strings = $strings;
        $instrument->document = $document;
        $this->describe($instrument);
    }

    /**
     * Notes beside the document what lists show of it.
     *
     * @throws InvalidDocument if it cannot be used
     */
    public function describe(Instrument $instrument): void
    {
        $read = InstrumentReader::alone($instrument->document, $instrument->strings);
        $instrument->name = $read->name;
        $instrument->kind = $read->kind->value;
        $owner = $instrument->document->owner ?? '';
        $instrument->owner = is_string($owner) ? mb_substr($owner, 0, 200) : '';
        $instrument->first_mm = $read->scale->speakingLengthM(1, $instrument->strings) * 1000;
        $instrument->last_mm = $read->scale->speakingLengthM($instrument->strings, $instrument->strings) * 1000;
    }
}
