<?php

declare(strict_types=1);

namespace Lira\Finding;

/** How much a finding matters: do not go on, think first, or know about it. */
enum Severity: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    case Note = 'note';
}
