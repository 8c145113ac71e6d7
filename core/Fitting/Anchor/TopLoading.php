<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A bridge or tailpiece that strings are pulled through. */
final readonly class TopLoading extends AnchorSteps
{
    public function off(): array
    {
        return ['pull it out behind the bridge'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['pull it through, its ball seated', 'as the old one lay'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The ball is seated, the angle as before.';
    }
}
