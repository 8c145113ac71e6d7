<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A slotted post that takes the end down its middle. */
final readonly class SlottedPost extends PostSteps
{
    public function on(bool $cutFirst, Thickness $thickness): array
    {
        return ['end to the bottom, bend it over', self::WIND, 'the last turn lowest'];
    }

    public function doneWhen(): string
    {
        return 'The end is at the bottom.';
    }

    public function cutsFirst(): bool
    {
        return true;
    }
}
