<?php

declare(strict_types=1);

namespace Lira\Certainty;

/**
 * A figure with what it may be: its least, its estimate and its greatest, in whatever unit it is said. Where nothing about it is
 * guessed all three are the same.
 */
final readonly class Interval
{
    /** Of a normal spread 95 of 100 lie within so many standard deviations of its middle. */
    public const BOUND_SDS = 1.96;

    private function __construct(public float $low, public float $estimate, public float $high) {}

    public static function exact(float $value): self
    {
        return new self($value, $value, $value);
    }

    /** @param  float  $estimate  from the low end to the high */
    public static function between(float $low, float $estimate, float $high): self
    {
        return new self($low, $estimate, $high);
    }

    /** The estimate, and what else it may be; the order of the others does not matter. */
    public static function around(float $estimate, float ...$others): self
    {
        $low = $high = $estimate;
        foreach ($others as $other) {
            $low = $other < $low ? $other : $low;
            $high = $other > $high ? $other : $high;
        }

        return new self($low, $estimate, $high);
    }

    /** The same in another unit. @param  float  $factor  above 0 */
    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->estimate * $factor, $this->high * $factor);
    }

    /** How far its ends lie apart. */
    public function width(): float
    {
        return $this->high - $this->low;
    }
}
