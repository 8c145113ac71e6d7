<?php

declare(strict_types=1);

namespace Lira\Care;

/** Where an instrument lives: what its strings, its wood and its metal have to bear. */
enum Place: string
{
    case Unsaid = '';
    case Room = 'room';
    case Sea = 'sea';
    case Stage = 'stage';

    public function label(): string
    {
        return match ($this) {
            self::Unsaid => 'not said',
            self::Room => 'a heated room',
            self::Sea => 'by the sea',
            self::Stage => 'on the road',
        };
    }
}
