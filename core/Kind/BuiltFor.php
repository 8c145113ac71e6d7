<?php

declare(strict_types=1);

namespace Lira\Kind;

/** What strings the instrument was built to bear: steel pulls one built for nylon apart. */
enum BuiltFor: string
{
    case Steel = 'steel';
    case Nylon = 'nylon';

    public function label(): string
    {
        return match ($this) {
            self::Steel => 'steel strings',
            self::Nylon => 'nylon strings',
        };
    }
}
