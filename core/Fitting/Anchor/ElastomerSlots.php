<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** Slots for elastomer strings. */
final readonly class ElastomerSlots extends AnchorSteps
{
    public function off(): array
    {
        return ['pull it out of its slot, slack'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return ['seat its end', 'hold the body down with an elbow', 'stretch it hard along the neck'];
    }

    public function brief(BuiltString $string, ?int $under = null): array
    {
        return ['end seated, stretched hard'];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It springs back no further.';
    }
}
