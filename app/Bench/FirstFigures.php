<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\StringSet;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Wording\Units;

/** The figures of a set as a page shows them before its scripts have come, and where none are allowed: to be read, not yet to be changed. */
final readonly class FirstFigures
{
    public function __construct(private StoredSets $sets) {}

    /** @return array{name: string, total: string, strings: list<array{position: int, pitch: string, hertz: string, gauge: string, made: string, tension: string}>} in the first tuning */
    public function of(StringSet $set, Units $units): array
    {
        $evaluation = SetDocument::from($this->sets->json($set))->evaluation();
        $total = $evaluation->totals[0];

        return [
            'name' => $set->name,
            'total' => $units->tension($total->tensionN, $total->tolerance()),
            'strings' => array_map(static fn (EvaluatedString $string): array => [
                'position' => $string->position,
                'pitch' => $string->tunings[0]->pitch->label(),
                'hertz' => Units::fixed($string->tunings[0]->frequencyHz, 1),
                'gauge' => $units->gauge($string->string->spec->type->gauge),
                'made' => $string->string->spec->type->construction->label(),
                'tension' => $units->tension($string->tunings[0]->tensionN, $string->string->density->tolerance->share()),
            ], $evaluation->strings),
        ];
    }
}
