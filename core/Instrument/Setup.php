<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;

/** How the instrument is set up and picked; metres and newtons. */
final readonly class Setup
{
    /** Soft, medium and hard picking, newtons: a few millimetres of displacement where one usually picks. */
    private const PICKING_N = ['soft' => 0.7, 'medium' => 1.5, 'hard' => 2.2];

    private const PICKING_BASS_N = ['soft' => 2.0, 'medium' => 4.0, 'hard' => 7.0];

    /**
     * @param  float  $action12M  height of the strings above the 12th fret
     * @param  float  $nutHeightM  height of the strings above the line of the frets at the nut
     * @param  float  $pickFromSaddleM  where the pick strikes
     * @param  array{soft: float, medium: float, hard: float}  $pickingN  the force of the pick
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along
     * @param  float  $reliefM  how far the neck is hollow between nut and 14th fret
     * @param  float  $verticalShare  of a vibration that points at the frets
     */
    public function __construct(
        public float $action12M = 0.0018,
        public float $nutHeightM = 0.0,
        public float $pickFromSaddleM = 0.12,
        public array $pickingN = self::PICKING_N,
        public float $extraLengthM = 0.0,
        public float $reliefM = 0.0002,
        public float $verticalShare = 0.35,
    ) {}

    /** What is taken of a kind of instrument until somebody says otherwise. */
    public static function usualFor(Kind $kind): self
    {
        return new self(pickingN: $kind->isBass() ? self::PICKING_BASS_N : self::PICKING_N);
    }
}
