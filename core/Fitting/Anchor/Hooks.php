<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Strings\BuiltString;

/** Hooks for loops. */
final readonly class Hooks extends AnchorSteps
{
    public function off(): array
    {
        return ['lift its loop off the hook, slack'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return self::isTied($string)
            ? ['tie a small loop by a square knot', 'cinch it hard, seal its end with heat', 'hang it on its hook']
            : ['bend the loop sharply round its hook', 'press it home, under the keeper'];
    }

    public function brief(BuiltString $string, ?int $under = null): array
    {
        return [self::isTied($string) ? 'tied loop on its hook, end sealed' : 'loop on its hook, under the keeper'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return self::isTied($string) ? 'The knot does not creep.' : 'The loop stays on while it is slack.';
    }

    public function onCaution(BuiltString $string): ?Caution
    {
        return self::isTied($string) ? Caution::Flame : null;
    }
}
