<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

/** Where a string is used. */
final readonly class UseView
{
    /**
     * @param  int  $id  of the set
     * @param  string  $name  of the set
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $position,
    ) {}
}
