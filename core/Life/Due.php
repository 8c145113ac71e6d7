<?php

declare(strict_types=1);

namespace Lira\Life;

/** When strings are due again, by the hours they have and the hours a week that are played on them. */
final readonly class Due
{
    /** Half of such strings are gone by then. */
    public const USUALLY = 0.5;

    /** One in five is gone by then: so far one lets it come before a show. */
    public const BEFORE_SHOW = 0.2;

    /** One in ten, for whoever would rather be surer. */
    public const BEFORE_SHOW_SURER = 0.1;

    private const FEWEST = 0.1;

    private const MOST = 0.9;

    /**
     * @param  float  $shareUsed  of the hours they will do: 1 when they are due
     * @param  float  $dueInWeeks  0 when they are due now
     * @param  float  $earliestInWeeks  when one string of ten is gone
     * @param  float  $latestInWeeks  when nine of ten are
     */
    private function __construct(public float $shareUsed, public float $dueInWeeks, public float $earliestInWeeks, public float $latestInWeeks) {}

    /**
     * @param  float  $playedH  since they were fitted, as they count
     * @param  float  $hoursAWeek  above 0
     */
    public static function of(Life $life, float $playedH, float $hoursAWeek): self
    {
        $weeks = static fn (float $hours): float => max(0.0, ($hours - $playedH) / $hoursAWeek);
        $by = $life->quantileH(self::USUALLY);

        return new self($playedH / $by, $weeks($by), $weeks($life->quantileH(self::FEWEST)), $weeks($life->quantileH(self::MOST)));
    }
}
