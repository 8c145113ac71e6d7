<?php

declare(strict_types=1);

namespace Lira\Reach;

use Lira\Strings\BuiltString;

/** How low and how high one gauge can go on one string of an instrument. Hertz. */
final readonly class GaugeReach
{
    /**
     * @param  array<string, float>  $hertz  by the value of each bound that is known; 0 for an overload at any pitch
     * @param  bool  $fits  whether it goes through its post
     */
    public function __construct(public BuiltString $string, public array $hertz, public bool $fits) {}

    public function at(Bound $bound): ?float
    {
        return $this->hertz[$bound->value] ?? null;
    }

    /** What ends it below: the highest of the floors. */
    public function floor(): Bound
    {
        return $this->nearest(true);
    }

    /** What ends it above: the lowest of the ceilings. */
    public function ceiling(): Bound
    {
        return $this->nearest(false);
    }

    public function lowHz(): float
    {
        return $this->hertz[$this->floor()->value];
    }

    public function highHz(): float
    {
        return $this->hertz[$this->ceiling()->value];
    }

    /** Whether there is any pitch at which it is good, and it fits. */
    public function serves(): bool
    {
        return $this->fits && $this->lowHz() < $this->highHz();
    }

    private function nearest(bool $floor): Bound
    {
        $nearest = $floor ? Bound::Flaps : Bound::Hard;
        foreach (Bound::cases() as $bound) {
            $hertz = $this->at($bound);
            $present = $this->hertz[$nearest->value];
            if ($bound->isFloor() === $floor && $hertz !== null && ($floor ? $hertz > $present : $hertz < $present)) {
                $nearest = $bound;
            }
        }

        return $nearest;
    }
}
