<?php

declare(strict_types=1);

namespace App\Strings\Samples\Views;

/** The line in the gauge that the samples of a family give. */
final readonly class FamilyCorrectionView
{
    /**
     * @param  list<CorrectionView>  $line  thin to thick, over the gauges that were weighed and a little beyond
     * @param  int  $samples  that it is made from
     */
    public function __construct(
        public array $line,
        public int $samples,
    ) {}
}
