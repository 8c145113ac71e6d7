<?php

declare(strict_types=1);

namespace App\Tuning\Views;

/** Saddles as they were moved once. */
final readonly class KeptMovesView
{
    /**
     * @param  list<array{position: int, pitch: string, setback_mm: float, moved_mm: float, found_cents: ?float, left_cents: ?float}>  $strings
     */
    public function __construct(
        public string $at,
        public string $set,
        public string $tuning,
        public array $strings,
    ) {}
}
