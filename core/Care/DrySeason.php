<?php

declare(strict_types=1);

namespace Lira\Care;

use Lira\Fitting\Caution;

/** Thin tops want a look before rooms are heated. */
final readonly class DrySeason implements CareRule
{
    public function key(): string
    {
        return 'dry-season';
    }

    public function label(): string
    {
        return 'Look at action, relief and the top before the air turns dry';
    }

    public function reason(): string
    {
        return 'Heated rooms take water out of thin wood: tops sink, frets buzz, seams open.';
    }

    public function caution(): string
    {
        return Caution::Repairer->sentence();
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::days(['10-01']);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->kind->hasLightTop() || $instrument->place === Place::Room;
    }
}
