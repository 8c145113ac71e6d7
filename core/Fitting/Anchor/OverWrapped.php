<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A tailpiece that strings are wrapped over. */
final readonly class OverWrapped extends AnchorSteps
{
    public function off(): string
    {
        return 'Unwrap it and pull it out in front of the tailpiece.';
    }

    public function on(BuiltString $string): string
    {
        return 'Pull it through from the front until its ball is seated, then over the tailpiece: shallower and softer so, and it marks the plating.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It does not buzz behind the saddle.';
    }
}
