<?php

declare(strict_types=1);

namespace App\Tuning;

use App\Bench\StoredSets;
use App\Models\Intonation;
use App\Models\StringSet;
use App\Tuning\Views\KeptMovesView;
use Illuminate\Support\Facades\DB;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;

/** Where saddles were found and left: with each string, so that the next time starts from there, and one row each time. */
final readonly class KeptSaddles
{
    private const SHOWN = 20;

    private const MOST_MOVED_MM = 100.0;

    private const MOST_CENTS = 1200.0;

    public function __construct(private StoredSets $sets) {}

    /**
     * @param  int  $tuning  in which they were read
     * @param  mixed  $found  where each stands, millimetres behind the scale length, by position
     * @param  mixed  $readings  by position: what led there, `moved_mm`, `found_cents`, `left_cents`, each where it is known
     *
     * @throws InvalidDocument if a place or a reading is none; then nothing is kept
     */
    public function keep(StringSet $set, int $tuning, mixed $found, mixed $readings): StringSet
    {
        $json = clone $this->sets->json($set);
        $strings = is_array($json->strings ?? null) ? $json->strings : [];
        if (! is_array($found) || $found === []) {
            throw InvalidDocument::at('/setback_mm', 'Give where saddles were found, by the numbers of their strings, in mm behind the scale length.');
        }
        foreach ($found as $position => $mm) {
            $string = is_int($position) ? $strings[$position - 1] ?? null : null;
            if (! $string instanceof \stdClass) {
                throw InvalidDocument::at('/setback_mm/'.$position, 'This set has the strings 1 to '.count($strings).'.');
            }
            $strings[$position - 1] = clone $string;
            $strings[$position - 1]->saddle_setback_mm = is_numeric($mm) ? round((float) $mm, 2) : $mm;
        }
        $json->strings = $strings;
        $document = SetDocument::from($json);
        $rows = $this->rows($document, $tuning, array_keys($found), is_array($readings) ? $readings : []);

        return DB::transaction(function () use ($set, $document, $tuning, $rows): StringSet {
            Intonation::query()->create([
                'instrument_id' => $set->instrument_id, 'set_id' => $set->id, 'set_name' => $set->name,
                'tuning' => $document->design->tunings[$tuning]->name, 'strings' => $rows,
            ]);

            return $this->sets->update($set, $document, $set->revision);
        });
    }

    /** @return list<KeptMovesView> of an instrument, the last first */
    public static function earlier(int $instrument): array
    {
        return array_values(Intonation::query()->where('instrument_id', $instrument)->latest('created_at')->latest('id')->limit(self::SHOWN)->get()
            ->map(static fn (Intonation $each): KeptMovesView => new KeptMovesView($each->created_at->toIso8601String(), $each->set_name, $each->tuning, $each->strings))->all());
    }

    /**
     * @param  list<int|string>  $positions
     * @param  array<mixed>  $readings
     * @return list<array{position: int, pitch: string, setback_mm: float, moved_mm: float, found_cents: ?float, left_cents: ?float}>
     */
    private function rows(SetDocument $document, int $tuning, array $positions, array $readings): array
    {
        $places = LearnedSetbacks::places($document->json);
        sort($positions);
        $rows = [];
        foreach ($positions as $position) {
            $position = (int) $position;
            $reading = is_array($readings[$position] ?? null) ? $readings[$position] : [];
            $figure = static function (string $name, float $most) use ($reading, $position): ?float {
                $value = $reading[$name] ?? null;
                if ($value !== null && (! is_numeric($value) || abs((float) $value) > $most)) {
                    throw InvalidDocument::at("/readings/{$position}/{$name}", sprintf('Give a number within %d, or leave it out.', $most));
                }

                return $value === null ? null : round((float) $value, 2);
            };
            $rows[] = [
                'position' => $position,
                'pitch' => $document->design->tunings[$tuning]->pitches[$position - 1]->name(),
                'setback_mm' => $places[$position],
                'moved_mm' => $figure('moved_mm', self::MOST_MOVED_MM) ?? 0.0,
                'found_cents' => $figure('found_cents', self::MOST_CENTS),
                'left_cents' => $figure('left_cents', self::MOST_CENTS),
            ];
        }

        return $rows;
    }
}
