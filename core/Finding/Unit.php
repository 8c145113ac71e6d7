<?php

declare(strict_types=1);

namespace Lira\Finding;

/** What the figure of a finding and its limit are measured in. */
enum Unit: string
{
    case Newtons = 'N';
    case Millimetres = 'mm';
    case Degrees = 'deg';
    case Turns = 'turns';
    /** A part of a whole: 0.7 is 70 %. */
    case Share = 'share';
    /** A relative change: 0.1 is 10 % more. */
    case Change = 'change';
    case Ratio = 'ratio';
    case Cents = 'cents';
    case Inharmonicity = 'inharmonicity';
}
