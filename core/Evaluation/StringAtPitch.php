<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;
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
     * @param  float  $frequencyHz  hertz
     * @param  float  $speakingLengthM  from nut, or capo, to saddle, metres
     * @param  float  $tensionN  newtons
     * @param  float  $lowN  if it is as light as its tolerance allows
     * @param  float  $highN  if it is as heavy
     * @param  ?Interval  $setbackM  where its saddle will have to stand behind the scale length, metres
     */
    public function __construct(
        public Pitch $pitch,
        public float $frequencyHz,
        public float $speakingLengthM,
        public float $tensionN,
        public float $lowN,
        public float $highN,
        public PitchBounds $bounds,
        public ?Strength $strength,
        public ?Interval $inharmonicity,
        public ?FeelAtPitch $feel,
        public ?Interval $setbackM,
        public DownForces $downForces,
        public ?FeltChange $change,
        public ?Why $why,
    ) {}

    /** Whether what is foretold of its saddle is so wide that it helps nobody. */
    public function saddleIsToBeMeasured(): bool
    {
        return $this->setbackM !== null && SaddleSetback::isToBeMeasured($this->setbackM);
    }
}
