<?php

declare(strict_types=1);

namespace Lira\Care;

/** What a summer leaves on steel goes on working. */
final readonly class EndOfSummer implements CareRule
{
    public function key(): string
    {
        return 'end-of-summer';
    }

    public function label(): string
    {
        return 'Wipe strings and bare metal down, and change what has gone dull';
    }

    public function reason(): string
    {
        return 'Heat, sweat and salt of a summer stay on steel and go on working.';
    }

    public function caution(): string
    {
        return '';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::days(['09-07']);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->kind->isStrungWithMetal();
    }
}
