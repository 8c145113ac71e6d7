<?php

declare(strict_types=1);

namespace App\Models;

/** Why a lot has more or fewer strings than before. */
enum MovementKind: string
{
    case Added = 'added';
    case Used = 'used';
    case Counted = 'counted';
    case Returned = 'returned';
}
