<?php

declare(strict_types=1);

namespace Lira\Solver;

/** What a packaged set comes nearest to a design by. */
enum NearestBy: string
{
    case Strings = 'strings';
    case Total = 'total';
    case Both = 'both';
}
