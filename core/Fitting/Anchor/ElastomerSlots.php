<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** Slots for elastomer strings. */
final readonly class ElastomerSlots extends AnchorSteps
{
    public function off(): string
    {
        return 'Pull it out of its slot, slack.';
    }

    public function on(BuiltString $string): string
    {
        return 'Seat its end, and stretch it hard along the neck before it reaches its post.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'It lies straight, and springs back no further.';
    }
}
