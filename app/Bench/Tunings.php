<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\OwnTuning;
use Lira\Kind\Kind;
use Lira\Pitch\InvalidPitch;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\TuningLibrary;
use Lira\Pitch\TypedTuning;

/** Finds tunings for the picker: own ones first, then the library's, and whatever was typed as notes. */
final class Tunings
{
    /**
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @return array{tunings: list<array{id: ?int, revision: ?int, name: string, family: string, pitches: list<string>}>,
     *     typed: ?array{name: string, pitches: list<string>}, hint: ?string}
     */
    public function find(Kind $kind, array $present, string $typed): array
    {
        $known = array_values(array_filter(
            [...$this->own(count($present)), ...$this->library($kind, count($present))],
            fn (array $tuning): bool => $typed === '' || $this->matches($tuning, $typed),
        ));
        [$notes, $hint] = $this->typed($typed, $present);

        return ['tunings' => $known, 'typed' => $notes, 'hint' => $known === [] ? $hint : null];
    }

    /** @return list<array{id: ?int, revision: ?int, name: string, family: string, pitches: list<string>}> */
    private function own(int $strings): array
    {
        return array_values(OwnTuning::query()->where('strings', $strings)->orderBy('name')->get()
            ->map(static fn (OwnTuning $tuning): array => [
                'id' => $tuning->id, 'revision' => $tuning->revision, 'name' => $tuning->name, 'family' => 'Your own',
                'pitches' => $tuning->pitches,
            ])->all());
    }

    /** @return list<array{id: ?int, revision: ?int, name: string, family: string, pitches: list<string>}> */
    private function library(Kind $kind, int $strings): array
    {
        return array_map(fn (LibraryTuning $tuning): array => [
            'id' => null, 'revision' => null, 'name' => $tuning->name, 'family' => $tuning->family,
            'pitches' => $this->names($tuning->pitches),
        ], TuningLibrary::for($kind, $strings));
    }

    /** @param  array{name: string, family: string, pitches: list<string>, id: ?int, revision: ?int}  $tuning */
    private function matches(array $tuning, string $typed): bool
    {
        return mb_stripos($tuning['name'].' '.$tuning['family'], $typed) !== false;
    }

    /**
     * @param  non-empty-list<Pitch>  $present
     * @return array{?array{name: string, pitches: list<string>}, ?string}
     */
    private function typed(string $typed, array $present): array
    {
        if ($typed === '') {
            return [null, null];
        }
        try {
            $pitches = TypedTuning::read($typed, $present);
        } catch (InvalidPitch $refused) {
            return [null, $refused->getMessage()];
        }
        $letters = array_map(
            static fn (Pitch $pitch): string => (string) preg_replace('/-?\d+$/', '', $pitch->label()),
            array_reverse($pitches),
        );

        return [['name' => implode(' ', $letters), 'pitches' => $this->names($pitches)], null];
    }

    /**
     * @param  list<Pitch>  $pitches
     * @return list<string>
     */
    private function names(array $pitches): array
    {
        return array_map(static fn (Pitch $pitch): string => $pitch->name(), $pitches);
    }
}
