<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A bridge or tailpiece that strings are pulled through. */
final readonly class TopLoading extends AnchorSteps
{
    public function off(): string
    {
        return 'Pull it out behind the bridge.';
    }

    public function on(BuiltString $string): string
    {
        return 'Pull it through until its ball is seated, as the old one lay.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The ball is seated, and the angle behind the saddle is in its window.';
    }
}
