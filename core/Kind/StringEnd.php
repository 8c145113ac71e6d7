<?php

declare(strict_types=1);

namespace Lira\Kind;

/** What a string has at the end that is held behind the saddle. */
enum StringEnd: string
{
    case Ball = 'ball';
    case Loop = 'loop';
    case Bare = 'bare';

    public function label(): string
    {
        return match ($this) {
            self::Ball => 'a ball end',
            self::Loop => 'a loop end',
            self::Bare => 'no ball and no loop',
        };
    }
}
