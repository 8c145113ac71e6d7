<?php

declare(strict_types=1);

namespace App\Tuning\Views;

/** A string as it is listened for, to tune it. */
final readonly class TunedStringView
{
    /**
     * @param  array{low: float, estimate: float, high: float}|null  $stiffness  its inharmonicity; null where that is not known
     */
    public function __construct(
        public int $position,
        public string $pitch,
        public float $hz,
        public ?array $stiffness,
        public float $gauge_in,
    ) {}
}
