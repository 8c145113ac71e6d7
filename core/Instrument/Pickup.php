<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** How the instrument is heard; a magnetic pickup needs steel or nickel. */
enum Pickup: string
{
    case None = 'none';
    case Magnetic = 'magnetic';
    case Piezo = 'piezo';
    case Microphone = 'microphone';
}
