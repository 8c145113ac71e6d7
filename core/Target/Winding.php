<?php

declare(strict_types=1);

namespace Lira\Target;

/** What a string must stay, plain or wound. */
enum Winding: string
{
    case Plain = 'plain';
    case Wound = 'wound';
}
