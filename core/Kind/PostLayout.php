<?php

declare(strict_types=1);

namespace Lira\Kind;

/** Where the tuner posts stand on the headstock. */
enum PostLayout: string
{
    case OneSide = 'one-side';
    case BothSides = 'both-sides';

    public function label(): string
    {
        return match ($this) {
            self::OneSide => 'all on one side',
            self::BothSides => 'on both sides',
        };
    }
}
