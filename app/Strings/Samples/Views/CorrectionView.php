<?php

declare(strict_types=1);

namespace App\Strings\Samples\Views;

/** How far the model is taken to be off at a gauge. */
final readonly class CorrectionView
{
    /**
     * @param  float  $factor  of what strings weigh to what the model says
     * @param  float  $uncertainty  how far that may be off, relative, 95 %
     */
    public function __construct(
        public float $gauge_in,
        public float $factor,
        public float $uncertainty,
    ) {}
}
