<?php

declare(strict_types=1);

namespace Lira\Design;

use Lira\Feel\Trial;
use Lira\Instrument\Hand;
use Lira\Instrument\Instrument;
use Lira\Pitch\Tuning;
use Lira\Strings\BuiltString;
use Lira\Target\Intent;

/** An instrument, what it is tuned to and the strings on it: what a set document and its baseline both are. */
final readonly class SetDesign
{
    /**
     * @param  non-empty-list<Tuning>  $tunings  every tuning the set must serve, each with a pitch for every string
     * @param  non-empty-list<BuiltString>  $strings  string 1 first
     * @param  list<Intent>  $intents  what is settled about each string, string 1 first
     * @param  list<Trial>  $trials  how these strings felt when they were tuned up and down, where they are a baseline
     * @param  array<int, float>  $setbacksM  where saddles were found with these strings, metres behind the scale length, by position
     * @param  ?Hand  $hand  how hard it is said to be picked
     */
    public function __construct(
        public string $name,
        public Instrument $instrument,
        public array $tunings,
        public array $strings,
        public array $intents = [],
        public array $trials = [],
        public array $setbacksM = [],
        public ?Hand $hand = null,
    ) {}

    /**
     * @param  list<int>  $positions
     * @return array<int, BuiltString> those of its strings, from 0 on by where they are
     */
    public function stringsAt(array $positions): array
    {
        return array_intersect_key($this->strings, array_flip(array_map(static fn (int $position): int => $position - 1, $positions)));
    }

    /** Whether its strings are polymers, not steel: most of their cores. */
    public function isPolymer(): bool
    {
        return self::arePolymer($this->strings);
    }

    /** @param  list<BuiltString>  $strings */
    public static function arePolymer(array $strings): bool
    {
        $polymer = array_filter($strings, static fn (BuiltString $string): bool => $string->isPolymer());

        return 2 * count($polymer) > count($strings);
    }

    /** @param  list<BuiltString>  $strings  others in their place, one for each, string 1 first */
    public function withStrings(array $strings): self
    {
        // A saddle was found for one string: it is not where another's will be.
        $same = fn (int $position): bool => ($strings[$position - 1] ?? null) === $this->strings[$position - 1];

        return $strings === [] ? $this : new self(
            $this->name, $this->instrument, $this->tunings, $strings, $this->intents, $this->trials,
            array_filter($this->setbacksM, $same, ARRAY_FILTER_USE_KEY), $this->hand,
        );
    }
}
