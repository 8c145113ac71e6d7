<?php

declare(strict_types=1);

namespace Lira\Target;

/** What somebody has settled about a string before the gauges are chosen. */
final readonly class Intent
{
    public function __construct(public ?Hold $hold = null, public ?Winding $only = null) {}
}
