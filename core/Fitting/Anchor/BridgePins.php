<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Strings\BuiltString;

/** Pins that hold the ball under the bridge. */
final readonly class BridgePins extends AnchorSteps
{
    public function off(): string
    {
        return 'Push the string down into its hole, lift the pin out and lay it in its order.';
    }

    public function on(BuiltString $string): string
    {
        return 'Put the ball in with its eye flat, the pin’s groove towards the string; a finger on the pin, and a small tug upwards.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'One smooth click, and no give. Small pops later are balls seating: press the pin again at tension.';
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
