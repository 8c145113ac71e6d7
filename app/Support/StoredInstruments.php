<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Instrument;
use Illuminate\Support\Facades\DB;
use Lira\Document\InstrumentReader;
use Lira\Document\InvalidDocument;

/** Instruments in and out of storage. Errors carry the paths of the `instrument` part of a set document. */
final class StoredInstruments
{
    /** @return list<array<string, mixed>> */
    public static function summaries(): array
    {
        return array_values(Instrument::query()->withCount('sets')->orderBy('name')->get()->map(static function (Instrument $instrument): array {
            $scale = InstrumentReader::alone($instrument->document, $instrument->strings);

            return [
                'id' => $instrument->id,
                'name' => $instrument->name,
                'kind' => $scale->kind->label(),
                'strings' => $instrument->strings,
                'lengths_mm' => [
                    $scale->scale->speakingLengthM(1, $instrument->strings) * 1000,
                    $scale->scale->speakingLengthM($instrument->strings, $instrument->strings) * 1000,
                ],
                'sets' => $instrument->sets_count,
            ];
        })->all());
    }

    /** @throws InvalidDocument if it cannot be used */
    public static function add(\stdClass $document, int $strings): Instrument
    {
        return tap(new Instrument, static function (Instrument $instrument) use ($document, $strings): void {
            self::write($instrument, $document, $strings);
            $instrument->save();
        });
    }

    /**
     * @throws InvalidDocument if it cannot be used
     * @throws Conflict if somebody else changed it first, or sets depend on its number of strings
     */
    public static function update(Instrument $instrument, \stdClass $document, int $strings, int $revision): Instrument
    {
        return DB::transaction(static function () use ($instrument, $document, $strings, $revision): Instrument {
            $current = Instrument::query()->lockForUpdate()->findOrFail($instrument->id);
            if ($current->revision !== $revision) {
                throw Conflict::changedElsewhere("“{$current->name}”");
            }
            if ($current->strings !== $strings && ($sets = $current->sets()->withTrashed()->count()) > 0) {
                throw Conflict::stringCountInUse($sets);
            }
            self::write($current, $document, $strings);
            $current->revision++;
            $current->save();

            return $current;
        });
    }

    private static function write(Instrument $instrument, \stdClass $document, int $strings): void
    {
        $read = InstrumentReader::alone($document, $strings);
        $instrument->name = $read->name;
        $instrument->kind = $read->kind->value;
        $instrument->strings = $strings;
        $instrument->document = $document;
    }
}
