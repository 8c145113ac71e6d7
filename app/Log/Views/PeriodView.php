<?php

declare(strict_types=1);

namespace App\Log\Views;

/** A set, from when it was put on to when the next one was. */
final readonly class PeriodView
{
    /**
     * @param  ?int  $job  that put it on; null where none did
     * @param  string  $from  ISO 8601
     * @param  ?string  $to  null while it is on
     * @param  string  $reason  why it came off
     * @param  ?float  $hours  it did, as they count; null where nothing tells
     * @param  ?float  $pull_n  of all its strings; null where that is not known
     * @param  string  $felt  empty where nobody said
     * @param  list<int>  $broke  positions of strings that broke
     */
    public function __construct(
        public ?int $job,
        public string $name,
        public string $from,
        public ?string $to,
        public string $reason,
        public ?float $hours,
        public ?float $pull_n,
        public string $felt,
        public array $broke,
    ) {}
}
