<?php

declare(strict_types=1);

namespace App\Log\Views;

/** Something that happened to an instrument. */
final readonly class HappenedView
{
    /**
     * @param  string  $what  measured, saddles, care, put-off, show or note
     * @param  string  $on  a date, ISO 8601
     * @param  ?int  $entry  of care, by which it is taken back; null where it is none
     */
    public function __construct(
        public string $what,
        public string $on,
        public string $words,
        public ?int $entry,
    ) {}
}
