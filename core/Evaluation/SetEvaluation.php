<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Finding\Finding;
use Lira\Solver\Pool;

/** What the core answers about a set. */
final readonly class SetEvaluation
{
    /**
     * @param  list<EvaluatedString>  $strings  string 1 first
     * @param  list<Total>  $totals  one for each tuning
     * @param  ?float  $holdingN  the tension below which a string flaps, newtons, where it is known
     * @param  ?self  $baseline  the set that feels right, evaluated on its own instrument
     * @param  list<Finding>  $findings  what must stop one first
     */
    public function __construct(
        public string $name,
        public array $strings,
        public array $totals,
        public ?float $holdingN = null,
        public ?self $baseline = null,
        public ?Pool $pool = null,
        public array $findings = [],
    ) {}

    /** @param  list<Finding>  $findings */
    public function withFindings(array $findings): self
    {
        return new self($this->name, $this->strings, $this->totals, $this->holdingN, $this->baseline, $this->pool, $findings);
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
}
