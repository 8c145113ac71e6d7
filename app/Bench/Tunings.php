<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\OwnTuning;
use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;

/** Finds tunings for the picker, the likeliest first: own ones, the library's, those that have a name by a rule, and what was typed as notes. */
final readonly class Tunings
{
    public function __construct(private TypedWords $words) {}

    /**
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @return array{tunings: list<array{id: ?int, revision: ?int, name: string, family: string, pitches: list<string>}>, hint: ?string}
     */
    public function find(Kind $kind, array $present, string $typed): array
    {
        $words = $this->words->tunings($kind, $present);
        $own = OwnTuning::query()->where('strings', count($present))->get()->keyBy('name');
        $found = array_map(static function (LibraryTuning $tuning) use ($own): array {
            $kept = $tuning->family === TypedWords::OWN ? $own->get($tuning->name) : null;

            return [
                'id' => $kept?->id,
                'revision' => $kept?->revision,
                'name' => $tuning->name,
                'family' => $tuning->family,
                'pitches' => array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches),
            ];
        }, $words->found($typed));
        if ($found !== []) {
            return ['tunings' => $found, 'hint' => null];
        }
        try {
            $words->one($typed);
        } catch (InvalidInput $refused) {
            return ['tunings' => [], 'hint' => $refused->getMessage()];
        }

        return ['tunings' => [], 'hint' => null];
    }
}
