<?php

declare(strict_types=1);

namespace App\Models;

/** Why strings are changed. */
enum JobReason: string
{
    case Dull = 'dull';
    case Broken = 'broken';
    case Corroded = 'corroded';
    case Show = 'show';
    case Season = 'season';
    case Conversion = 'conversion';
    case Other = 'other';
}
