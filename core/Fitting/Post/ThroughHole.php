<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A post with a hole through it. */
final readonly class ThroughHole extends PostSteps
{
    public function on(bool $cutFirst, Thickness $thickness): array
    {
        return [
            ...($cutFirst ? ['hole in line, the end just through it'] : ['hole in line, through it from inside', self::MARK]),
            self::WIND,
            'on its inner side, the last turn lowest',
        ];
    }

    public function doneWhen(): string
    {
        return 'The string runs straight to its slot.';
    }
}
