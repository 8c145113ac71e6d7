<?php

declare(strict_types=1);

namespace Lira\Fit;

/**
 * The angle at which a string leaves the nut towards its post (or its tree, whose height and distance then count instead).
 * Heights are above the headstock's face, lengths in metres, angles in radians.
 */
final readonly class BreakAngle
{
    /**
     * @param  float  $nutHeightM  of the slot's floor
     * @param  float  $holeHeightM  of the post's hole, or of the tree
     * @param  float  $distanceM  from nut to post, or to the tree; above 0
     * @param  float  $tiltRad  of the headstock against the neck
     */
    public function __construct(
        private float $nutHeightM,
        private float $holeHeightM,
        private float $distanceM,
        private float $tiltRad = 0.0,
    ) {}

    /**
     * With so many turns wound downwards below the hole: tilt + atan((nut − (hole − turns · d))/distance).
     *
     * @return float radians
     */
    public function withTurnsRad(float $turns, float $diameterM): float
    {
        return $this->tiltRad + atan(($this->nutHeightM - ($this->holeHeightM - $turns * $diameterM)) / $this->distanceM);
    }

    /**
     * The turns an angle needs, at least 0: (distance · tan(angle − tilt) − (nut − hole))/d. Thinner strings wind down
     * less per turn, so going lighter can lose the angle.
     */
    public function turnsFor(float $angleRad, float $diameterM): float
    {
        return max(0.0, ($this->distanceM * tan($angleRad - $this->tiltRad) - ($this->nutHeightM - $this->holeHeightM)) / $diameterM);
    }
}
