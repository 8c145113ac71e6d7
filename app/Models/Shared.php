<?php

declare(strict_types=1);

namespace App\Models;

/** What is shown to somebody outside: one sheet, and nothing round it. */
enum Shared: string
{
    case Sheet = 'sheet';
    case Fit = 'fit';
    case Plan = 'plan';
    case Year = 'year';

    /** Whether it is of a set; of an instrument otherwise. */
    public function isOfSet(): bool
    {
        return match ($this) {
            self::Sheet, self::Fit, self::Plan => true,
            self::Year => false,
        };
    }
}
