<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;

/** How far a string is pushed at the 12th fret to raise its note by a whole tone, metres, and how hard, newtons. */
final readonly class WholeToneBend
{
    public function __construct(public Interval $displacementM, public Interval $forceN) {}
}
