<?php

declare(strict_types=1);

namespace Lira\Care;

use Lira\Fitting\Caution;
use Lira\Instrument\Fingerboard;

/** Bare fingerboards want a little oil twice a year. */
final readonly class BoardOil implements CareRule
{
    public function key(): string
    {
        return 'board';
    }

    public function label(): string
    {
        return 'Clean the board, and oil it sparingly';
    }

    public function reason(): string
    {
        return 'Bare wood dries out, and frets come to stand proud of it.';
    }

    public function caution(): string
    {
        return Caution::Board->sentence();
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::days(['03-15', '09-15']);
    }

    public function suits(Look $instrument): bool
    {
        return in_array($instrument->fingerboard, [Fingerboard::Rosewood, Fingerboard::Ebony], true);
    }
}
