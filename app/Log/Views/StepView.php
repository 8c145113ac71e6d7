<?php

declare(strict_types=1);

namespace App\Log\Views;

/** Where strings ended. */
final readonly class StepView
{
    /**
     * @param  float  $share  that goes on after it
     * @param  int  $of  so many were known to have lasted so long
     */
    public function __construct(
        public float $hours,
        public float $share,
        public int $of,
    ) {}
}
