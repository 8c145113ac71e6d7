<?php

declare(strict_types=1);

namespace Lira\Kind;

/** How one says how much of a string is left slack for the post. */
enum SlackWords: string
{
    /** So many posts past its own. */
    case Posts = 'posts';
    /** The first fret's distance pulled back. */
    case Fret = 'fret';
    case Millimetres = 'millimetres';
    /** As long as it comes to be once it is stretched. */
    case Stretched = 'stretched';
}
