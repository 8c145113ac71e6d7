<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Strings\BuiltString;

/** Pins that hold the ball under the bridge. */
final readonly class BridgePins extends AnchorSteps
{
    public function off(): array
    {
        return ['push the string down into its hole', 'lift the pin, lay it in its order'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['ball in, its eye flat', 'the pin’s groove to the string', 'finger on the pin, a small tug upwards'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'One smooth click, and no give.';
    }

    public function tuned(): array
    {
        return ['press its pin again at tension'];
    }

    public function offCaution(): Caution
    {
        return Caution::Pins;
    }

    public function bring(): array
    {
        return ['a tool for the pins'];
    }
}
