<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** How far a new string is from holding. */
final readonly class SettlingView
{
    /**
     * @param  list<float>  $drifts  of each round of stretching, cents
     * @param  list<float>  $rested  each time it had been left alone, cents
     * @param  ?int  $rounds_left  as likely more as fewer; null before anything was read
     * @param  ?int  $rounds_most  that suffice in nine cases of ten; null before anything was read, or where none do
     * @param  ?float  $next_drift_cents  a positive number
     * @param  ?float  $holds_after_s  after the last round; null while rounds are left or something is not known
     * @param  ?string  $holds_at  ISO 8601; null where that is not known
     */
    public function __construct(
        public int $position,
        public array $drifts,
        public array $rested,
        public ?int $rounds_left,
        public ?int $rounds_most,
        public ?float $next_drift_cents,
        public ?float $holds_after_s,
        public ?string $holds_at,
    ) {}
}
