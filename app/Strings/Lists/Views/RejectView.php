<?php

declare(strict_types=1);

namespace App\Strings\Lists\Views;

/** A row that was not taken. */
final readonly class RejectView
{
    public function __construct(
        public int $line,
        public string $reason,
    ) {}
}
