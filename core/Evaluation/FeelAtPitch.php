<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;

/** How a string answers the hand. */
final readonly class FeelAtPitch
{
    /**
     * @param  array{soft: Interval, medium: Interval, hard: Interval}  $attackStartCents  how sharp a note starts
     * @param  array{soft: Interval, medium: Interval, hard: Interval}  $attackAfterCents  how sharp it is some tenths of a second later
     * @param  ?WholeToneBend  $wholeToneBend  none where it cannot be bent so far
     */
    public function __construct(
        public array $attackStartCents,
        public array $attackAfterCents,
        public ?WholeToneBend $wholeToneBend,
    ) {}
}
