<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** A string tree: it holds a string down between nut and post. Height above the headstock's face and distance from the nut, metres. */
final readonly class Tree
{
    public function __construct(public float $heightM, public float $distanceM) {}
}
