<?php

declare(strict_types=1);

namespace App\Log\Views;

/** An instrument through time. */
final readonly class TimeLineView
{
    /**
     * @param  list<PeriodView>  $periods  the first first
     * @param  list<WeekHoursView>  $weeks  in which it was played
     * @param  list<MeasuredThenView>  $measured  the first first
     * @param  list<HappenedView>  $happened  the last first
     * @param  list<BrokeView>  $broke  where its strings broke
     * @param  list<ThenView>  $photographs  the first first
     * @param  int  $strings  it has
     */
    public function __construct(
        public array $periods,
        public array $weeks,
        public array $measured,
        public array $happened,
        public array $broke,
        public array $photographs,
        public int $strings,
    ) {}
}
