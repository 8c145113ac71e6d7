<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** An anchor nobody recorded. */
final readonly class Unrecorded extends AnchorSteps
{
    public function off(): array
    {
        return ['look how its end is held', 'take it out the same way'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['hold its end as the old one'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It does not give when tugged.';
    }
}
