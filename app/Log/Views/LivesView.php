<?php

declare(strict_types=1);

namespace App\Log\Views;

/** What is learned of strings that wear alike. */
final readonly class LivesView
{
    /**
     * @param  string  $part  whose or which they are, where they are parted; else nothing
     * @param  int  $ended  so many were dull, corroded or broke
     * @param  int  $running  so many are on, or were changed early
     * @param  int  $changes  of so many changes of strings any ended
     * @param  float  $counts_as  so many strings that ended, were each on an instrument of its own
     * @param  float  $shape  how alike they end: 1 by chance alone, 6 nearly all at once
     * @param  float  $usual_h  half of them last so long as long as nothing is known
     * @param  float  $p10_h  one string in ten is gone by then
     * @param  float  $p20_h  one in five
     * @param  float  $p50_h  half of them
     * @param  float  $p90_h  nine in ten
     * @param  float  $median_low_h  where the hours by which half are gone lie in 8 of 10 such cases
     * @param  bool  $alike  whether what was seen stays within the band over two thirds of its length
     * @param  list<StepView>  $steps  as it was seen
     * @param  list<CurveView>  $curve  as it is reckoned
     * @param  array<string, float>  $costs  of one string, cents an hour, by currency
     */
    public function __construct(
        public string $label,
        public bool $coated,
        public string $part,
        public int $ended,
        public int $running,
        public int $changes,
        public float $counts_as,
        public float $shape,
        public float $usual_h,
        public float $p10_h,
        public float $p20_h,
        public float $p50_h,
        public float $p90_h,
        public float $median_low_h,
        public float $median_high_h,
        public bool $alike,
        public array $steps,
        public array $curve,
        public array $costs,
    ) {}
}
