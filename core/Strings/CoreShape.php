<?php

declare(strict_types=1);

namespace Lira\Strings;

/** The section of a core: a round wire, a hexagonal one measured across its corners, or a bundle of filaments (floss). */
enum CoreShape: string
{
    case Round = 'round';
    case Hex = 'hex';
    case Multifilament = 'multifilament';
}
