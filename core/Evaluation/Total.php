<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Feel\FeltChange;

/** The sum of all tensions in one tuning, newtons, with its bounds, its two sides and the change from the baseline. */
final readonly class Total
{
    public function __construct(
        public string $tuning,
        public float $tensionN,
        public float $lowN,
        public float $highN,
        public float $trebleSideN,
        public float $bassSideN,
        public ?FeltChange $change,
    ) {}

    /** How unsure the sum is: half of what lies between its bounds, as a share of it. */
    public function tolerance(): float
    {
        return ($this->highN - $this->lowN) / 2 / $this->tensionN;
    }
}
