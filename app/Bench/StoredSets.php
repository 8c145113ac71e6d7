<?php

declare(strict_types=1);

namespace App\Bench;

use App\Instruments\StoredInstruments;
use App\Models\Instrument;
use App\Models\SetString;
use App\Models\SetVersion;
use App\Models\StringSet;
use App\Models\TypeColumns;
use App\Strings\Samples\Samples;
use App\Workshop\Conflict;
use App\Workshop\Revision;
use Illuminate\Support\Facades\DB;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Kind\Kind;
use Lira\Pitch\Tuning;
use Lira\Strings\BuiltString;

/**
 * The one way from a stored set to its set document and back.
 *
 * The instrument stands once, in its own row; a set keeps an empty object where its instrument goes, so that the order
 * of keys survives too.
 */
final readonly class StoredSets
{
    public function __construct(private StoredInstruments $instruments, private Samples $samples) {}

    public function json(StringSet $set): \stdClass
    {
        return $this->on($set->instrument->document, Kind::from($set->instrument->kind), $set->document);
    }

    /** As it is designed: with its instrument, and without what the workshop lends it. */
    public function design(StringSet $set): \stdClass
    {
        $json = $this->withoutWorkshop($set->document);
        $json->instrument = $set->instrument->document;

        return $json;
    }

    /** A document with the instrument as it is measured today in its place, and what was measured here beside it. */
    public function on(\stdClass $instrument, Kind $kind, \stdClass $document): \stdClass
    {
        $json = $this->withoutWorkshop($document);
        $json->instrument = $instrument;
        // What was measured here sharpens every design, unless it has samples of its own.
        $samples = isset($json->samples) ? [] : $this->samples->forDocuments($kind);
        if ($samples !== []) {
            $json->samples = $samples;
        }

        return $json;
    }

    /** A copy without the samples that the workshop lends it. */
    private function withoutWorkshop(\stdClass $document): \stdClass
    {
        $json = clone $document;
        if (is_array($json->samples ?? null)) {
            $own = array_values(array_filter(
                $json->samples,
                static fn (mixed $sample): bool => ! ($sample instanceof \stdClass && ($sample->workshop ?? false) === true),
            ));
            if ($own === []) {
                unset($json->samples);
            } else {
                $json->samples = $own;
            }
        }

        return $json;
    }

    /** @throws \Lira\Document\InvalidDocument if what is stored can no longer be read */
    public function document(StringSet $set): SetDocument
    {
        return SetDocument::from($this->json($set));
    }

    /**
     * Keeps a document that came from outside: its instrument is found again if it is already here, or added.
     *
     * @throws InvalidDocument if it has no name
     */
    public function add(SetDocument $document): StringSet
    {
        return DB::transaction(function () use ($document): StringSet {
            $set = new StringSet;
            $set->instrument_id = $this->instrumentOf($document)->id;
            $this->write($set, $document);

            return $set;
        });
    }

    /**
     * Writes a changed document over a set, unless somebody else wrote first.
     *
     * @throws Conflict if the set is no longer at this revision, or its instrument was changed
     * @throws InvalidDocument if it has no name
     */
    public function update(StringSet $set, SetDocument $document, int $revision): StringSet
    {
        return DB::transaction(function () use ($set, $document, $revision): StringSet {
            $current = StringSet::query()->with('instrument')->lockForUpdate()->findOrFail($set->id);
            Revision::advance($current, $revision, "“{$current->name}”");
            if (! $this->same($current->instrument->document, $document->json->instrument ?? null)) {
                throw Conflict::changedElsewhere("The instrument “{$current->instrument->name}”");
            }
            $this->write($current, $document);

            return $current;
        });
    }

    /** Keeps the set as it is now under a name. */
    public function keepVersion(StringSet $set, string $name): SetVersion
    {
        return $set->versions()->create(['name' => $name, 'document' => $this->json($set)]);
    }

    /** A version's document on the instrument as it is measured today. */
    public function restored(StringSet $set, SetVersion $version): SetDocument
    {
        return SetDocument::from($this->on($set->instrument->document, Kind::from($set->instrument->kind), $version->document));
    }

    /** @throws InvalidDocument if it has no name */
    private function write(StringSet $set, SetDocument $document): void
    {
        if (trim($document->design->name) === '') {
            throw InvalidDocument::at('/name', 'Give the set a name to find it by.');
        }
        $json = $this->withoutWorkshop($document->json);
        $json->instrument = new \stdClass;
        unset($json->pool);
        $set->document = $json;
        // Beside the document stands what lists show of it and what it is found by.
        $set->name = $document->design->name;
        $set->tuning_names = array_map(static fn (Tuning $tuning): string => $tuning->name, $document->design->tunings);
        $set->save();
        $rows = array_map(static fn (BuiltString $string, int $index): array => [
            'set_id' => $set->id, 'position' => $index + 1, ...TypeColumns::of($string->spec->type),
        ], $document->design->strings, array_keys($document->design->strings));
        SetString::query()->upsert($rows, ['set_id', 'position'], TypeColumns::NAMES);
        $set->strings()->where('position', '>', count($rows))->delete();
    }

    private function instrumentOf(SetDocument $document): Instrument
    {
        $json = $document->json->instrument instanceof \stdClass ? $document->json->instrument : new \stdClass;
        $strings = count($document->design->strings);

        return $this->kept($json, $strings) ?? $this->instruments->add($json, $strings);
    }

    /** The instrument that is here already just as a document says it; null where none is. */
    public function kept(\stdClass $json, int $strings): ?Instrument
    {
        return Instrument::query()->where('name', $json->name ?? '')->get()
            ->first(fn (Instrument $instrument): bool => $this->same($instrument->document, $json) && $instrument->strings === $strings);
    }

    private function same(mixed $a, mixed $b): bool
    {
        return $a instanceof \stdClass && $b instanceof \stdClass
            && Json::text($this->sorted($a)) === Json::text($this->sorted($b));
    }

    /** @return array<mixed> keys in order and whole numbers alike (440 and 440.0), to compare by */
    private function sorted(\stdClass $object): array
    {
        $plain = [];
        foreach (get_object_vars($object) as $key => $value) {
            $plain['.'.$key] = $this->plain($value);
        }
        ksort($plain);

        return $plain;
    }

    private function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \stdClass => $this->sorted($value),
            is_array($value) => array_map($this->plain(...), $value),
            is_int($value) => (float) $value,
            default => $value,
        };
    }
}
