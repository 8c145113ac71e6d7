<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Design\SetDesign;
use Lira\Feel\Zones;
use Lira\Pool\Pool;
use Lira\Strings\BuiltString;

/** What the core answers about a set. */
final readonly class SetEvaluation
{
    /**
     * @param  list<EvaluatedString>  $strings  string 1 first
     * @param  list<Total>  $totals  one for each tuning
     * @param  Zones  $zones  where strings flap and where they are hard on the hand
     * @param  ?float  $holdingN  the tension below which a string flaps, newtons, where it is known
     * @param  ?self  $baseline  the set that feels right, evaluated on its own instrument
     */
    public function __construct(
        public string $name,
        public array $strings,
        public array $totals,
        public Zones $zones,
        public ?float $holdingN = null,
        public ?self $baseline = null,
        public ?Pool $pool = null,
    ) {}

    /** How much more all strings together pull in one tuning than in another, relative. */
    public function spreadOfTotals(): float
    {
        [$least, $most] = [INF, 0.0];
        foreach ($this->totals as $total) {
            [$least, $most] = [min($least, $total->tensionN), max($most, $total->tensionN)];
        }

        return $most / $least - 1;
    }

    /** Whether its strings are polymers, not steel: most of their cores. */
    public function isPolymer(): bool
    {
        return SetDesign::arePolymer(array_map(static fn (EvaluatedString $string): BuiltString => $string->string, $this->strings));
    }

    /** The lightest tension of the set in its first tuning, newtons. */
    public function lightestN(): float
    {
        $lightest = INF;
        foreach ($this->strings as $string) {
            $lightest = min($lightest, isset($string->tunings[0]) ? $string->tunings[0]->tensionN : INF);
        }

        return $lightest;
    }

    /** The heaviest tension of the set in its first tuning, newtons. */
    public function heaviestN(): float
    {
        $heaviest = 0.0;
        foreach ($this->strings as $string) {
            $heaviest = max($heaviest, isset($string->tunings[0]) ? $string->tunings[0]->tensionN : 0.0);
        }

        return $heaviest;
    }
}
