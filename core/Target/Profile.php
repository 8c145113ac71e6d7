<?php

declare(strict_types=1);

namespace Lira\Target;

/** How the tensions of a set are meant to lie. */
enum Profile: string
{
    case PerString = 'per-string';
    case Equal = 'equal';
    case Progressive = 'progressive';
    case Baseline = 'baseline';
    case Total = 'total';
}
