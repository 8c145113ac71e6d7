<?php

declare(strict_types=1);

namespace App\Instruments\Views;

/** An instrument in the list of all. */
final readonly class InstrumentSummaryView
{
    /**
     * @param  array{float, float}  $lengths_mm  of the first string and the last
     * @param  array{id: int, name: string}|null  $last  the set last designed for it
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $owner,
        public int $strings,
        public array $lengths_mm,
        public int $sets,
        public ?array $last,
    ) {}
}
