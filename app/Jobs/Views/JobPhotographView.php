<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** A photograph that was taken in a job. */
final readonly class JobPhotographView
{
    /** @param  string  $moment  before or after */
    public function __construct(public int $id, public string $moment, public string $caption) {}
}
