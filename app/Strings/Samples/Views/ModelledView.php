<?php

declare(strict_types=1);

namespace App\Strings\Samples\Views;

/** What the model says of a gauge. */
final readonly class ModelledView
{
    /**
     * @param  float  $kg_per_m  at rest
     * @param  float  $tolerance  how far that may be off while nothing is measured, relative, 95 %
     */
    public function __construct(
        public float $gauge_in,
        public float $kg_per_m,
        public float $tolerance,
    ) {}
}
