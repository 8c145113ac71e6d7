<?php

declare(strict_types=1);

namespace Lira\Playing;

/** Where the ends of the strings are taken to stand when their frets are reckoned. */
enum EndsStand: string
{
    /** The saddles where they were found; the best places of those that nobody found. */
    case Found = 'found';
    /** Every saddle at its best, over the nut as it is. */
    case Best = 'best';
    /** The nut moved as well. */
    case Nut = 'nut';
}
