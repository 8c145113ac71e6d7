<?php

declare(strict_types=1);

namespace Lira\Playing;

/** Where both ends of a string stand, metres: its saddle behind the end of the scale, its nut towards the saddle. */
final readonly class Placement
{
    public function __construct(public float $setbackM = 0.0, public float $nutM = 0.0) {}
}
