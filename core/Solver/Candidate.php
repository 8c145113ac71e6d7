<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Strings\BuiltString;

/** A gauge of the pool on one string: its tension in each tuning, and how far that misses the target. */
final readonly class Candidate
{
    /**
     * @param  non-empty-list<float>  $tensionsN  in each tuning
     * @param  bool  $standsIn  whether it only stands for a string that nothing may be chosen for
     */
    public function __construct(
        public BuiltString $string,
        public array $tensionsN,
        public float $miss,
        public float $towardsTotalN,
        public bool $standsIn = false,
    ) {}
}
