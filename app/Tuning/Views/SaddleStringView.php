<?php

declare(strict_types=1);

namespace App\Tuning\Views;

/** A string as it is listened for, to move its saddle. */
final readonly class SaddleStringView
{
    /**
     * @param  array{low: float, estimate: float, high: float}|null  $stiffness  its inharmonicity; null where that is not known
     * @param  array{low: float, estimate: float, high: float}|null  $setback_mm
     * @param  float  $starts_at_fret  where it starts along the neck; 0 at the nut
     * @param  ?float  $travel_mm  how far from the scale length its saddle goes back
     * @param  ?float  $found_mm  where its saddle was left the last time, behind the scale length
     * @param  ?float  $expected_mm  where this instrument’s saddles, as they were found, let it be expected
     */
    public function __construct(
        public int $position,
        public string $pitch,
        public float $hz,
        public ?array $stiffness,
        public float $scale_mm,
        public ?array $setback_mm,
        public float $starts_at_fret,
        public ?float $travel_mm,
        public ?float $found_mm,
        public ?float $expected_mm,
    ) {}
}
