<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** How far a new string is from holding. */
final readonly class SettlingView
{
    /**
     * @param  list<float>  $drifts  of each round, cents
     * @param  ?int  $rounds_left  null before anything was read
     * @param  ?float  $next_drift_cents  a positive number
     * @param  ?float  $holds_after_s  after the last round; null while rounds are left or something is not known
     */
    public function __construct(
        public int $position,
        public array $drifts,
        public ?int $rounds_left,
        public ?float $next_drift_cents,
        public ?float $holds_after_s,
    ) {}
}
