<?php

declare(strict_types=1);

namespace App\Bench\Views;

/** A set in the list of all. */
final readonly class SetSummaryView
{
    /**
     * @param  list<string>  $tunings
     * @param  list<int>  $gauges_nm
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $instrument,
        public int $instrumentId,
        public string $kind,
        public int $strings,
        public array $tunings,
        public array $gauges_nm,
        public string $savedAt,
    ) {}
}
