<?php

declare(strict_types=1);

namespace App\Log\Views;

/** How soon strings of a make hold. */
final readonly class HoldsView
{
    /**
     * @param  string  $make  whose list they are of
     * @param  float  $rounds  mean
     * @param  ?float  $hours  from when they were brought to pitch, mean; null where nobody waited
     * @param  int  $jobs  it rests on
     */
    public function __construct(
        public string $make,
        public string $material,
        public float $rounds,
        public ?float $hours,
        public int $jobs,
    ) {}
}
