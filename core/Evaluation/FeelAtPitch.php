<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Feel\Bend;

/** How a string answers the hand. */
final readonly class FeelAtPitch
{
    /**
     * @param  array{soft: float, medium: float, hard: float}  $attackCents  how sharp a note starts
     * @param  ?Bend  $wholeToneBend  at the 12th fret; none where it cannot be bent so far
     */
    public function __construct(
        public array $attackCents,
        public ?Bend $wholeToneBend,
    ) {}
}
