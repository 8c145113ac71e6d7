<?php

declare(strict_types=1);

namespace Lira\Document;

/** How a document names the shape of a wrap. */
enum WrapShape: string
{
    case Round = 'round';
    case Ribbon = 'ribbon';
    case Ground = 'ground';
}
