<?php

declare(strict_types=1);

namespace Lira\Care;

/** On the road it is looked through before it has to be. */
final readonly class RoadCheck implements CareRule
{
    public function key(): string
    {
        return 'road';
    }

    public function label(): string
    {
        return 'Play it through: tuners, sockets, straps, spare strings in the case';
    }

    public function reason(): string
    {
        return 'On the road the first sign of a fault comes in front of people.';
    }

    public function caution(): string
    {
        return '';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(4);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->place === Place::Stage;
    }
}
