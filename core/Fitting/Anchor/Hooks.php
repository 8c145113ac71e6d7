<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Strings\BuiltString;

/** Hooks for loops. */
final readonly class Hooks extends AnchorSteps
{
    public function off(): string
    {
        return 'Lift its loop off the hook, slack.';
    }

    public function on(BuiltString $string): string
    {
        return self::isTied($string)
            ? 'Tie a small loop by a square knot, cinch it hard, seal its end with heat, and hang it on its hook.'
            : 'Bend the loop sharply round its hook and press it home, under the keeper.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return self::isTied($string) ? 'The knot does not creep.' : 'The loop does not jump off while it is slack.';
    }

    public function onCaution(BuiltString $string): ?Caution
    {
        return self::isTied($string) ? Caution::Flame : null;
    }
}
