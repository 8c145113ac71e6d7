<?php

declare(strict_types=1);

namespace Lira\Document;

/** How a document gives a scale. */
enum ScaleType: string
{
    case Single = 'single';
    case Half = 'half';
    case Multiscale = 'multiscale';
    case Each = 'each';
}
