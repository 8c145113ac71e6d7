<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;

/** How near a string is to breaking. */
final readonly class Strength
{
    /**
     * @param  Interval  $share  of its breaking load that it takes
     * @param  Interval  $breakHz  the pitch at which the core breaks, on this length
     */
    public function __construct(
        public Interval $share,
        public Interval $breakHz,
    ) {}
}
