<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A roller of a slotted head. */
final readonly class Roller extends PostSteps
{
    public function on(bool $cutFirst, Thickness $thickness): array
    {
        return [
            'hole at 45°, the end through it',
            ...($cutFirst ? [] : [self::MARK, self::BACK]),
            'once through its own loop, '.self::ON,
        ];
    }

    public function doneWhen(): string
    {
        return 'It runs straight, and touches no wood.';
    }

    public function winds(): bool
    {
        return false;
    }

    public function windsAlong(): bool
    {
        return true;
    }
}
