<?php

declare(strict_types=1);

namespace Lira\Care;

use Lira\Kind\Anchor;

/** Loops creep up their pegs. */
final readonly class LoopsHome implements CareRule
{
    public function key(): string
    {
        return 'loops';
    }

    public function label(): string
    {
        return 'Press the loops home on their pegs, and look where they chafe';
    }

    public function reason(): string
    {
        return 'A loop that has crept up lets its string go flat, and one that chafes breaks there.';
    }

    public function caution(): string
    {
        return '';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(13);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->anchor === Anchor::LoopEnd;
    }
}
