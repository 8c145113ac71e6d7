<?php

declare(strict_types=1);

namespace App\Instruments\Views;

/** What is on an instrument now. */
final readonly class OnItView
{
    /**
     * @param  int  $job  that put it there
     * @param  string  $since  the moment, ISO 8601
     * @param  ?int  $set  as it is designed now, if it still is there
     */
    public function __construct(public int $job, public string $name, public string $since, public ?int $set) {}
}
