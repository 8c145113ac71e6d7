<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** What strings the instrument was built to bear: steel pulls one built for nylon apart. */
enum BuiltFor: string
{
    case Steel = 'steel';
    case Nylon = 'nylon';
}
