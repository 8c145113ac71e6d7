<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A post that clamps the end. */
final readonly class LockingPost extends PostSteps
{
    public function on(bool $wound): string
    {
        return 'Pull it snug through the post, clamp it, and wind {turns}; cut it flush.';
    }

    public function doneWhen(): string
    {
        return 'It is clamped, and has not slipped after the first turn.';
    }
}
