<?php

declare(strict_types=1);

namespace App\Tuning\Views;

/** A string that was read open and stopped at a fret. */
final readonly class NeckReadingView
{
    public function __construct(public int $id, public int $position, public int $fret, public float $open_hz, public float $fretted_hz) {}
}
