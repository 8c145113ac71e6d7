<?php

declare(strict_types=1);

namespace Lira\Supply;

/** How long a search may go on: so many steps, and so many seconds of a clock it is given. */
final class Budget
{
    /** The clock is looked at once in so many steps. */
    private const EVERY = 64;

    private int $taken = 0;

    private bool $over = false;

    private readonly float $until;

    /** @param  (\Closure(): float)|null  $clock  seconds; none where only steps count */
    private function __construct(private readonly int $steps, private readonly ?\Closure $clock, float $seconds)
    {
        $this->until = $clock === null ? INF : $clock() + $seconds;
    }

    public static function ofSteps(int $steps): self
    {
        return new self($steps, null, INF);
    }

    /** @param  \Closure(): float  $clock  seconds from anywhere on */
    public static function ofSeconds(float $seconds, \Closure $clock, int $steps = PHP_INT_MAX): self
    {
        return new self($steps, $clock, $seconds);
    }

    /** Takes a step. Whether it may be taken. */
    public function step(): bool
    {
        if (! $this->over && (++$this->taken > $this->steps || $this->taken % self::EVERY === 0)) {
            $this->isOver();
        }

        return ! $this->over;
    }

    public function isOver(): bool
    {
        return $this->over = $this->over || $this->taken > $this->steps || ($this->clock !== null && ($this->clock)() >= $this->until);
    }
}
