<?php

declare(strict_types=1);

namespace Lira\Care;

use Lira\Fitting\Caution;

/** A neck moves with the seasons. */
final readonly class ReliefLook implements CareRule
{
    public function key(): string
    {
        return 'relief';
    }

    public function label(): string
    {
        return 'Measure relief and action';
    }

    public function reason(): string
    {
        return 'A neck moves with the seasons, and more after a change of pull.';
    }

    public function caution(): string
    {
        return Caution::Repairer->sentence();
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(26);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->hasRod && ! $instrument->isFretless;
    }
}
