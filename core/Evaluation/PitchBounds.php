<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Strings\TensionLaw;

/** How high a string can safely go on its length, and how low before it flaps; hertz. */
final readonly class PitchBounds
{
    /**
     * @param  ?float  $highestSafeHz  the pitch at which it reaches the share of caution
     * @param  ?float  $lowestHoldingHz  the pitch below which it flaps, where a tension to hold is known
     */
    public function __construct(
        public ?float $highestSafeHz,
        public ?float $lowestHoldingHz,
        public ?Pitch $highestSafe,
        public ?Pitch $lowestHolding,
    ) {}

    /**
     * @param  ?float  $safeN  newtons; none where it is not known what it bears
     * @param  ?float  $holdingN  newtons; none where it is not known below what it flaps
     * @param  float  $lengthM  that sounds, metres
     */
    public static function of(TensionLaw $law, ?float $safeN, ?float $holdingN, float $lengthM, ReferencePitch $a4): self
    {
        $safeHz = $safeN === null ? null : $law->frequencyHz($safeN, $lengthM);
        $holdingHz = $holdingN === null ? null : $law->frequencyHz($holdingN, $lengthM);

        return new self(
            $safeHz, $holdingHz,
            $safeHz === null ? null : Pitch::notAbove($safeHz, $a4),
            $holdingHz === null ? null : Pitch::notBelow($holdingHz, $a4),
        );
    }
}
