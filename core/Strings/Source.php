<?php

declare(strict_types=1);

namespace Lira\Strings;

/** Where a density came from. Measured beats supplied beats modelled. */
enum Source: string
{
    case Modelled = 'modelled';
    case Supplied = 'supplied';
    case Measured = 'measured';
}
