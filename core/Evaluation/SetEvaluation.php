<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Solver\Pool;

/** What the core answers about a set. */
final readonly class SetEvaluation
{
    /**
     * @param  list<EvaluatedString>  $strings  string 1 first
     * @param  list<Total>  $totals  one for each tuning
     * @param  ?self  $baseline  the set that feels right, evaluated on its own instrument
     */
    public function __construct(
        public string $name,
        public array $strings,
        public array $totals,
        public ?self $baseline = null,
        public ?Pool $pool = null,
    ) {}
}
