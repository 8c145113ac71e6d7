<?php

declare(strict_types=1);

namespace Lira\Solver;

/** Why a choice would be warned of by itself. */
enum Warned: string
{
    case Breaks = 'breaks';
    case ThickForScale = 'thick-for-scale';
    case PassesTable = 'passes-table';
    case Unsuitable = 'unsuitable';
}
