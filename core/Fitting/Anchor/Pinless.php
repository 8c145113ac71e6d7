<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Strings\BuiltString;

/** A bridge without pins: the string is threaded through it from behind. */
final readonly class Pinless extends AnchorSteps
{
    public function off(): array
    {
        return ['lay a cloth on the top', 'push it back through, its end clear'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['lay a cloth on the top', 'make three small bends in its tip', 'guide the ball, do not let it slap'];
    }

    public function brief(BuiltString $string, ?int $under = null): array
    {
        return ['cloth on the top, guide the ball'];
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
        return ['another for the top'];
    }
}
