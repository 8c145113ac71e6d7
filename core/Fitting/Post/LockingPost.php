<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A post that clamps the end. */
final readonly class LockingPost extends PostSteps
{
    public function on(bool $cutFirst, Thickness $thickness): array
    {
        return ['pull it snug through, and clamp it', self::WIND];
    }

    public function doneWhen(): string
    {
        return 'It has not slipped after the first turn.';
    }

    public function leavesSlack(): bool
    {
        return false;
    }
}
