<?php

declare(strict_types=1);

namespace Lira\Care;

/** Springs of a floating bridge tire. */
final readonly class Springs implements CareRule
{
    public function key(): string
    {
        return 'springs';
    }

    public function label(): string
    {
        return 'Look at springs, claw and knife edges of the bridge';
    }

    public function reason(): string
    {
        return 'Springs tire and edges wear: then it does not come back to pitch.';
    }

    public function caution(): string
    {
        return 'Slacken the strings before you touch the claw.';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(26);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->hasSprings;
    }
}
