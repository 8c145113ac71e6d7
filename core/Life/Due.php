<?php

declare(strict_types=1);

namespace Lira\Life;

/** When strings are due again, by the hours they have and the hours a week that are played on them. */
final readonly class Due
{
    /**
     * @param  float  $shareUsed  of the hours they will do: 1 when they are due
     * @param  float  $dueInWeeks  0 when they are due now
     * @param  float  $earliestInWeeks  by the lower end of what is known
     * @param  float  $latestInWeeks  by its upper end
     */
    private function __construct(public float $shareUsed, public float $dueInWeeks, public float $earliestInWeeks, public float $latestInWeeks) {}

    /**
     * @param  float  $playedH  since they were fitted, as they count
     * @param  float  $hoursAWeek  above 0
     * @param  bool  $beforeShow  whether one would rather be early: then by the lower end
     */
    public static function of(Life $life, float $playedH, float $hoursAWeek, bool $beforeShow = false): self
    {
        $by = $beforeShow ? $life->lowH() : $life->medianH();
        $weeks = static fn (float $hours): float => max(0.0, ($hours - $playedH) / $hoursAWeek);

        return new self($playedH / $by, $weeks($by), $weeks($life->lowH()), $weeks($life->highH()));
    }
}
