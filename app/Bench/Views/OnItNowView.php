<?php

declare(strict_types=1);

namespace App\Bench\Views;

/** What is on an instrument now, as a set beside it is measured by. */
final readonly class OnItNowView
{
    /**
     * @param  ?int  $set  as it is designed now, if it still is there
     * @param  string  $since  the moment, ISO 8601
     * @param  string  $felt  how it felt when that was finished; empty where it was not said
     * @param  BaselineJson  $baseline
     */
    public function __construct(
        public string $name,
        public ?int $set,
        public string $since,
        public string $felt,
        public \stdClass $baseline,
    ) {}
}
