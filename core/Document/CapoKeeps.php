<?php

declare(strict_types=1);

namespace Lira\Document;

/** What stays when a capo is moved: what the hand does, so that it sounds higher, or what sounds, so that the strings are tuned lower. */
enum CapoKeeps: string
{
    case Shapes = 'shapes';
    case Pitches = 'pitches';
}
