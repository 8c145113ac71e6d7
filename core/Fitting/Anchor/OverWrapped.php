<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A tailpiece that strings are wrapped over. */
final readonly class OverWrapped extends AnchorSteps
{
    public function off(): array
    {
        return ['unwrap it, pull it out in front'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['from the front until its ball is seated', 'then back over the tailpiece'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It does not buzz behind the saddle.';
    }
}
