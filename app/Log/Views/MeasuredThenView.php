<?php

declare(strict_types=1);

namespace App\Log\Views;

/** What was measured in a job. */
final readonly class MeasuredThenView
{
    /** @param  string  $on  a date, ISO 8601 */
    public function __construct(
        public string $on,
        public string $moment,
        public ?float $action_mm,
        public ?float $relief_mm,
    ) {}
}
