<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** The job that put on what is on an instrument now. */
final readonly class LaterView
{
    public function __construct(public int $id, public string $name) {}
}
