<?php

declare(strict_types=1);

namespace Lira\Drawing;

/** A point of a drawing, metres. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    public function to(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** The point a share of the way to another. */
    public function towards(self $other, float $share): self
    {
        return new self($this->x + $share * ($other->x - $this->x), $this->y + $share * ($other->y - $this->y));
    }
}
