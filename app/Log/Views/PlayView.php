<?php

declare(strict_types=1);

namespace App\Log\Views;

/** An instrument was played. */
final readonly class PlayView
{
    /** @param  string  $on  a date, ISO 8601 */
    public function __construct(public int $id, public string $on, public float $hours, public bool $heat, public bool $salt, public bool $sweat) {}
}
