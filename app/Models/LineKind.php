<?php

declare(strict_types=1);

namespace App\Models;

/** What one thing of an order is. */
enum LineKind: string
{
    case Single = 'single';
    case Box = 'box';
    case Set = 'set';
}
