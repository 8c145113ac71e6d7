<?php

declare(strict_types=1);

namespace App\Log\Views;

/** Hours that were played in a week. */
final readonly class WeekHoursView
{
    /** @param  string  $week  its Monday, ISO 8601 */
    public function __construct(
        public string $week,
        public float $hours,
    ) {}
}
