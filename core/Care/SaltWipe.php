<?php

declare(strict_types=1);

namespace Lira\Care;

/** By the sea threads rust. */
final readonly class SaltWipe implements CareRule
{
    public function key(): string
    {
        return 'salt';
    }

    public function label(): string
    {
        return 'Wipe saddles, screws and springs dry, with a drop of oil on their threads';
    }

    public function reason(): string
    {
        return 'Salt air rusts threads in months; then no saddle can be moved.';
    }

    public function caution(): string
    {
        return 'Oil stays off strings and wood.';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(4);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->place === Place::Sea;
    }
}
