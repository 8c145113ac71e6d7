<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** Ferrules through the body. */
final readonly class StringThrough extends AnchorSteps
{
    public function off(): array
    {
        return ['push it out through the back'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['from the back, its ball in the cup', 'the string in its saddle’s groove'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It does not rattle when tugged.';
    }
}
