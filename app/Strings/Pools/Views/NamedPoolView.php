<?php

declare(strict_types=1);

namespace App\Strings\Pools\Views;

/** A pool to choose. */
final readonly class NamedPoolView
{
    public function __construct(
        public int $id,
        public string $name,
    ) {}
}
