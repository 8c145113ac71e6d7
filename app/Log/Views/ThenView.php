<?php

declare(strict_types=1);

namespace App\Log\Views;

/** A photograph and when it was taken. */
final readonly class ThenView
{
    /** @param  string  $on  a date, ISO 8601 */
    public function __construct(
        public int $id,
        public string $caption,
        public string $on,
        public string $moment,
        public string $job,
    ) {}
}
