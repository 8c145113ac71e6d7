<?php

declare(strict_types=1);

namespace App\Log;

/** The last that was said of a rule on an instrument: it was seen to, or put off. */
final readonly class CareSaid
{
    /**
     * @param  string  $on  the day it was said, ISO 8601
     * @param  ?string  $until  it was put off; null where it was seen to
     * @param  string  $why  it was put off
     */
    public function __construct(public int $id, public string $on, public ?string $until, public string $why) {}
}
