<?php

declare(strict_types=1);

namespace App\Log\Views;

/** What is learned of strings that wear alike. */
final readonly class LivesView
{
    /**
     * @param  int  $ended  so many were dull, corroded or broke
     * @param  int  $running  so many are on, or were changed early
     * @param  float  $usual_h  half of them last so long as long as nothing is known
     * @param  list<StepView>  $steps  as it was seen
     * @param  list<CurveView>  $curve  as it is reckoned
     * @param  array<string, float>  $costs  of one string, cents an hour, by currency
     */
    public function __construct(
        public string $label,
        public bool $coated,
        public int $ended,
        public int $running,
        public float $usual_h,
        public float $median_h,
        public float $low_h,
        public float $high_h,
        public array $steps,
        public array $curve,
        public array $costs,
    ) {}
}
