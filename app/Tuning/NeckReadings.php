<?php

declare(strict_types=1);

namespace App\Tuning;

use App\Bench\StoredSets;
use App\Models\NeckReading;
use App\Models\StringSet;
use App\Tuning\Views\NeckReadingView;
use Lira\Document\Asked\Questions;
use Lira\Document\Asked\SetupQuestion;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\Document\SetDocument;

/** What was read of a neck with the strings of a set: each counts as long as its string is the one that was read. */
final readonly class NeckReadings
{
    /** More of one set nobody reads. */
    private const MOST = 1000;

    public function __construct(private StoredSets $sets) {}

    /** @return list<NeckReadingView> in the order in which they were read */
    public function of(StringSet $set): array
    {
        $types = self::types($this->sets->document($set));

        return array_values(NeckReading::query()->where('set_id', $set->id)->orderBy('id')->get()
            ->filter(static fn (NeckReading $each): bool => ($types[$each->position] ?? null) === $each->type)
            ->map(static fn (NeckReading $each): NeckReadingView => new NeckReadingView($each->id, $each->position, $each->fret, $each->open_hz, $each->fretted_hz))->all());
    }

    /**
     * @param  \stdClass  $said  `position`, `fret`, `open_hz`, `fretted_hz`
     *
     * @throws InvalidDocument if it cannot be one of this set
     */
    public function keep(StringSet $set, \stdClass $said): NeckReading
    {
        $document = $this->sets->document($set);
        $reading = (object) array_intersect_key((array) $said, array_flip(['position', 'fret', 'open_hz', 'fretted_hz']));
        try {
            Questions::read(SetupQuestion::class, (object) ['set' => $document->json, 'readings' => [$reading]]);
        } catch (InvalidDocument $refused) {
            throw InvalidDocument::because(array_map(
                static fn (Problem $problem): Problem => new Problem(str_replace('/readings/0', '', $problem->path), $problem->message),
                $refused->problems,
            ));
        }
        if (NeckReading::query()->where('set_id', $set->id)->count() >= self::MOST) {
            throw InvalidDocument::at('', sprintf('%d readings of one set are enough. Forget some of them first.', self::MOST));
        }

        [$position, $fret, $open, $stopped] = array_map(
            static fn (string $key): float => is_numeric($reading->{$key} ?? null) ? (float) $reading->{$key} : 0.0,
            ['position', 'fret', 'open_hz', 'fretted_hz'],
        );

        return NeckReading::query()->create([
            'set_id' => $set->id, 'position' => (int) $position, 'type' => self::types($document)[(int) $position], 'fret' => (int) $fret,
            'open_hz' => $open, 'fretted_hz' => $stopped,
        ]);
    }

    /** Forgets what was read of a string. */
    public function forget(StringSet $set, int $position): void
    {
        NeckReading::query()->where('set_id', $set->id)->where('position', $position)->delete();
    }

    /** @return array<int, string> by position */
    private static function types(SetDocument $document): array
    {
        $types = [];
        foreach ($document->design->strings as $index => $string) {
            $types[$index + 1] = $string->spec->type->key();
        }

        return $types;
    }
}
