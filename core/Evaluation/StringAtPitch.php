<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Feel\FeltChange;
use Lira\Pitch\Pitch;

/** One string in one tuning: its pitch, its tension in newtons with its bounds, and the change from the baseline. */
final readonly class StringAtPitch
{
    public function __construct(
        public Pitch $pitch,
        public float $frequencyHz,
        public float $tensionN,
        public float $lowN,
        public float $highN,
        public ?FeltChange $change,
    ) {}
}
