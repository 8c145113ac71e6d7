<?php

declare(strict_types=1);

namespace App\Bench\Views;

/** A version that was kept under a name. */
final readonly class VersionView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $keptAt,
    ) {}
}
