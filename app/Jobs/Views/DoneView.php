<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** A step, or a part of one, that was done. */
final readonly class DoneView
{
    /** @param  string  $at  the moment, ISO 8601 */
    public function __construct(public string $key, public string $at, public string $device) {}
}
