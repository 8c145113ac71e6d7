<?php

declare(strict_types=1);

namespace Lira\Tension;

/** Units of force that people say tensions in, each in newtons, exactly. */
final class Force
{
    /** A pound-force: 0.453 592 37 kg in standard gravity. */
    public const NEWTONS_PER_POUND = 4.4482216152605;

    /** A kilogram-force. */
    public const NEWTONS_PER_KILOGRAM = 9.80665;
}
