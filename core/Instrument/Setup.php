<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;
use Lira\Kind\UsualSetup;

/** How the instrument is set up and picked; metres and newtons. */
final readonly class Setup
{
    /** What of it can be measured, as documents name it. */
    public const KEYS = ['action_12_mm', 'nut_height_mm', 'relief_mm'];

    /**
     * @param  float  $action12M  height of the strings above the 12th fret
     * @param  float  $nutHeightM  height of the strings above the line of the frets at the nut
     * @param  array{soft: float, medium: float, hard: float}  $pickingN  the force of the pick
     * @param  float  $pickFromSaddleM  where the pick strikes
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along
     * @param  float  $reliefM  how far the neck is hollow between nut and 14th fret
     * @param  float  $verticalShare  of a vibration that points at the frets
     * @param  list<value-of<self::KEYS>>  $assumed  which of them nobody measured, as documents name them
     */
    public function __construct(
        public float $action12M,
        public float $nutHeightM,
        public array $pickingN,
        public float $pickFromSaddleM = 0.12,
        public float $extraLengthM = 0.0,
        public float $reliefM = 0.0002,
        public float $verticalShare = 0.35,
        public array $assumed = self::KEYS,
    ) {}

    /** Whether somebody measured it. @param  value-of<self::KEYS>  $key */
    public function isMeasured(string $key): bool
    {
        return ! in_array($key, $this->assumed, true);
    }

    /** What is taken of a kind of instrument until somebody says otherwise. */
    public static function usualFor(Kind $kind): self
    {
        $usual = UsualSetup::of($kind);

        return new self($usual->action12M, $usual->nutHeightM, $usual->pickingN);
    }
}
