<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A bridge that floats against springs. */
final readonly class Vibrato extends AnchorSteps
{
    public function off(): array
    {
        return ['push it out of the block'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['seat its ball in the block', 'under its bar, where it has one'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The ball does not move when tugged.';
    }
}
