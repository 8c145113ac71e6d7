<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** Saddles that clamp the bare end of a string. */
final readonly class LockingSaddle extends AnchorSteps
{
    public function off(): array
    {
        return ['open its clamp, pull it out'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['cut its ball off', 'push the clean end into its block', 'clamp it, not by force'];
    }

    public function brief(BuiltString $string, ?int $under = null): array
    {
        return ['ball off, the clean end clamped'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It has not slipped after one turn.';
    }

    public function bring(): array
    {
        return ['a key for the saddles'];
    }
}
