<?php

declare(strict_types=1);

namespace Lira\Evaluation;

/** How near a string is to breaking. */
final readonly class Strength
{
    /**
     * @param  float  $share  of its breaking load that it takes
     * @param  float  $breakHz  the pitch at which the core breaks, on this length
     */
    public function __construct(
        public float $share,
        public float $breakHz,
    ) {}
}
