<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\Length\Length;

/** A gauge as it was typed, and how the string is made as far as that was said. */
final readonly class TypedGauge
{
    /** @param  ?string  $made  `plain`, `wound` where any winding will do, a construction by its name, or null where nothing is said */
    public function __construct(public Length $gauge, public ?string $made = null) {}

    public function inThousandths(): float
    {
        return round($this->gauge->inThousandths(), 6);
    }
}
