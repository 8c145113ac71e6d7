<?php

declare(strict_types=1);

namespace App\Bench\Start;

/** The three answers a start asks for, as they were typed; empty where the usual will do. */
final readonly class Answers
{
    /** @param  ?int  $instrumentId  one of the workshop's, in place of one described */
    public function __construct(
        public string $instrument,
        public string $present,
        public string $wish,
        public ?int $instrumentId = null,
    ) {}
}
