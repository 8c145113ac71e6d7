<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** The peg at a banjo’s neck. */
final readonly class BanjoFifth extends PostSteps
{
    public function on(bool $cutFirst, Thickness $thickness): array
    {
        return ['the tail twice through the peg', ...($cutFirst ? [] : [self::MARK]), self::WIND, 'no point towards the thumb'];
    }

    public function doneWhen(): string
    {
        return 'No end stands out towards the thumb.';
    }
}
