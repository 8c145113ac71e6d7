<?php

declare(strict_types=1);

namespace App\Workshop;

/** A file that came in and lies in a place of its own until it is kept. */
final readonly class Upload
{
    /** @param  string  $name  as whoever sent it calls it */
    public function __construct(public string $path, public string $name, public int $bytes) {}
}
