<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Strings\TensionLaw;

/** How high a string can safely go on its length, and how low before it flaps; hertz. */
final readonly class PitchBounds
{
    /**
     * @param  ?Interval  $highestSafeHz  the pitch at which it reaches the share of caution
     * @param  ?float  $lowestHoldingHz  the pitch below which it flaps, where a tension to hold is known
     */
    public function __construct(
        public ?Interval $highestSafeHz,
        public ?float $lowestHoldingHz,
        public ?Pitch $lowestHolding,
        private ReferencePitch $a4,
    ) {}

    /**
     * The highest pitch it can safely be tuned to.
     *
     * @param  'low'|'estimate'|'high'  $end  if its core is as thin as it may be, as it is taken to be, or as thick
     */
    public function highestSafe(string $end = 'estimate'): ?Pitch
    {
        return $this->highestSafeHz === null ? null : Pitch::notAbove($this->highestSafeHz->{$end}, $this->a4);
    }

    /**
     * @param  ?Interval  $safeN  newtons, as the string is taken to pull; none where it is not known what it bears
     * @param  ?float  $holdingN  newtons; none where it is not known below what it flaps
     * @param  float  $lengthM  that sounds, metres
     */
    public static function of(TensionLaw $law, ?Interval $safeN, ?float $holdingN, float $lengthM, ReferencePitch $a4): self
    {
        $hz = static fn (float $newtons): float => $law->frequencyHz($newtons, $lengthM);
        $holdingHz = $holdingN === null ? null : $hz($holdingN);

        return new self(
            $safeN === null ? null : Interval::around($hz($safeN->estimate), $hz($safeN->low), $hz($safeN->high)),
            $holdingHz,
            $holdingHz === null ? null : Pitch::notBelow($holdingHz, $a4),
            $a4,
        );
    }
}
