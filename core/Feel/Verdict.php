<?php

declare(strict_types=1);

namespace Lira\Feel;

/** What a hand says of a string at one tension. */
enum Verdict: string
{
    case TooLoose = 'too-loose';
    case Right = 'right';
    case TooTight = 'too-tight';
}
