<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** An anchor nobody recorded. */
final readonly class Unrecorded extends AnchorSteps
{
    public function off(): string
    {
        return 'Take its end out as it was held; look how before you do.';
    }

    public function on(BuiltString $string): string
    {
        return 'Hold its end as the old one was held.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It does not give when tugged.';
    }
}
