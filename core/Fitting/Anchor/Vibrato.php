<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A bridge that floats against springs. */
final readonly class Vibrato extends AnchorSteps
{
    public function off(): string
    {
        return 'Push it out of the block.';
    }

    public function on(BuiltString $string): string
    {
        return 'Seat its ball in the block, and pass it under the bar where there is one.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The ball does not move when tugged. The bridge is levelled by its springs once all are on.';
    }
}
