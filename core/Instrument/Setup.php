<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** How the instrument is set up and picked; metres and newtons. */
final readonly class Setup
{
    /**
     * @param  float  $action12M  height of the strings above the 12th fret
     * @param  float  $nutHeightM  height of the strings above the line of the frets at the nut
     * @param  float  $pickFromSaddleM  where the pick strikes
     * @param  array{soft: float, medium: float, hard: float}  $pickingN  the force of the pick
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along
     */
    public function __construct(
        public float $action12M = 0.0018,
        public float $nutHeightM = 0.0,
        public float $pickFromSaddleM = 0.12,
        public array $pickingN = ['soft' => 1.5, 'medium' => 3.0, 'hard' => 5.0],
        public float $extraLengthM = 0.0,
    ) {}
}
