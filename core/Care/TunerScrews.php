<?php

declare(strict_types=1);

namespace Lira\Care;

/** Screws work loose. */
final readonly class TunerScrews implements CareRule
{
    public function key(): string
    {
        return 'tuner-screws';
    }

    public function label(): string
    {
        return 'Tighten the screws of tuners, strap buttons and jack, by hand';
    }

    public function reason(): string
    {
        return 'They work loose by shaking, rattle, and make tuning jump.';
    }

    public function caution(): string
    {
        return 'Snug is enough: small screws in wood strip.';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(52);
    }

    public function suits(Look $instrument): bool
    {
        return true;
    }
}
