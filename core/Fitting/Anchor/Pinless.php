<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Strings\BuiltString;

/** A bridge without pins: the string is threaded through it from behind. */
final readonly class Pinless extends AnchorSteps
{
    public function off(): string
    {
        return 'Lay a cloth on the top, and push it back through the bridge, its end held clear.';
    }

    public function on(BuiltString $string): string
    {
        return 'Make three small bends in the tip, so that it clears saddle and top, and guide the ball up to the bridge.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The ball lies against its plate.';
    }

    public function onCaution(BuiltString $string): Caution
    {
        return Caution::Top;
    }

    public function bring(): array
    {
        return ['a cloth for the top'];
    }
}
