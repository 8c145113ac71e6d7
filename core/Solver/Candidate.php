<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Strings\BuiltString;

/** A gauge of the pool on one string: its tension in each tuning, how far that misses the target, and whether it would be warned of. */
final readonly class Candidate
{
    /** What it counts to choose what would be warned of where something else serves. */
    public const WARNED = 10.0;

    /** What choosing it costs. */
    public float $cost;

    /**
     * @param  non-empty-list<float>  $tensionsN  in each tuning
     * @param  ?Warned  $warned  what it would be warned of by itself
     * @param  bool  $standsIn  whether it only stands for a string that nothing may be chosen for
     */
    public function __construct(
        public BuiltString $string,
        public array $tensionsN,
        public float $miss,
        public float $towardsTotalN,
        public ?Warned $warned = null,
        public bool $standsIn = false,
    ) {
        $this->cost = $miss + ($warned === null ? 0.0 : self::WARNED);
    }
}
