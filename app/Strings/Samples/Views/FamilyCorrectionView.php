<?php

declare(strict_types=1);

namespace App\Strings\Samples\Views;

/** The factor that the samples of a family give. */
final readonly class FamilyCorrectionView
{
    /**
     * @param  float  $uncertainty  relative
     * @param  int  $samples  that it is made from
     */
    public function __construct(
        public float $factor,
        public float $uncertainty,
        public int $samples,
    ) {}
}
