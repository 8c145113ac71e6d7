<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Feel\Bend;
use Lira\Feel\FeltChange;
use Lira\Fit\SaddleSetback;
use Lira\Pitch\Pitch;
use Lira\Tension\Why;

/**
 * One string in one tuning. Tensions in newtons with their bounds, frequencies in hertz. What follows from the core
 * (breaking, stiffness, feel, setback) is null for a string without a modelled core.
 */
final readonly class StringAtPitch
{
    /**
     * @param  float  $speakingLengthM  from nut, or capo, to saddle, metres
     * @param  ?float  $breakHz  the pitch at which the core breaks, on this length
     * @param  ?float  $highestSafeHz  the pitch at which it reaches the share of caution
     * @param  ?float  $lowestHoldingHz  the pitch below which it flaps, where a tension to hold is known
     * @param  array{soft: float, medium: float, hard: float}|null  $attackCents  how sharp a note starts
     */
    public function __construct(
        public Pitch $pitch,
        public float $frequencyHz,
        public float $speakingLengthM,
        public float $tensionN,
        public float $lowN,
        public float $highN,
        public ?float $breakShare,
        public ?float $breakHz,
        public ?float $highestSafeHz,
        public ?float $lowestHoldingHz,
        public ?Pitch $highestSafe,
        public ?Pitch $lowestHolding,
        public ?float $inharmonicity,
        public ?array $attackCents,
        public ?Bend $wholeToneBend,
        public ?SaddleSetback $setback,
        public ?float $nutDownForceN,
        public ?float $saddleDownForceN,
        public ?FeltChange $change,
        public ?Why $why,
    ) {}
}
