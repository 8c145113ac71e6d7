<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\OwnTuning;
use App\Strings\Lists\PackagedSets;
use Lira\Instrument\Instrument;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Solver\StandardSets;
use Lira\Solver\StartingSet;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Lira\Typed\TuningWords;
use Lira\Typed\TypedSet;
use Lira\Wording\Units;

/** The readers of typed tunings and sets, with the names this workshop gave and what its suppliers pack. */
final readonly class TypedWords
{
    /** The family of tunings somebody kept. */
    public const OWN = 'Your own';

    public function __construct(private PackagedSets $packaged) {}

    /**
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @param  ?Instrument  $instrument  by whose length names are kept below what breaks, and "standard" is its own
     */
    public function tunings(Kind $kind, array $present, ?Instrument $instrument = null): TuningWords
    {
        $strings = count($present);
        $home = $instrument === null ? null : StartingSet::tuning($instrument, $strings);

        return new TuningWords($kind, $present, array_map(
            static fn (OwnTuning $own): LibraryTuning => self::tuning($own),
            array_values(OwnTuning::query()->where('strings', count($present))->orderBy('name')->get()->all()),
        ), $instrument === null ? null : StartingSet::highest($instrument, $strings), $home === null ? null : new LibraryTuning($home->name, '', [], $home->pitches));
    }

    /** @param  list<StringSpec>  $usual  what the instrument usually has, string 1 first */
    public function sets(Kind $kind, int $strings, array $usual, Units $units): TypedSet
    {
        $standard = array_map(
            static fn (\Closure $set): \Closure => static fn (): array => array_map(
                static fn (BuiltString $string): StringSpec => $string->spec,
                $set()->strings ?? [],
            ),
            StandardSets::named($kind, $strings),
        );

        return new TypedSet($kind, $usual, $this->packed($kind, $strings) + $standard, $units->gauge);
    }

    /** @return array<string, \Closure(): list<StringSpec>> what suppliers pack, by name; none where one cannot be read */
    private function packed(Kind $kind, int $strings): array
    {
        $sets = [];
        foreach ($this->packaged->names() as $name) {
            $sets[$name] = function () use ($name, $kind, $strings): array {
                $packed = array_values(array_filter($this->packaged->toCompare($strings), static fn (\stdClass $set): bool => $set->name === $name))[0] ?? null;
                $built = $packed === null ? null : $this->packaged->built($packed, $kind);

                return array_map(static fn (BuiltString $string): StringSpec => $string->spec, $built->strings ?? []);
            };
        }

        return $sets;
    }

    private static function tuning(OwnTuning $own): LibraryTuning
    {
        $pitches = array_map(Pitch::named(...), $own->pitches);

        return new LibraryTuning($own->name, self::OWN, [], $pitches === [] ? [Pitch::named('E4')] : $pitches);
    }
}
