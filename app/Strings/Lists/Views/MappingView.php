<?php

declare(strict_types=1);

namespace App\Strings\Lists\Views;

/** Which column says what, in which unit. */
final readonly class MappingView
{
    /**
     * @param  array<string, int>  $columns  by field
     * @param  array<string, string>  $units  by field
     * @param  ?string  $construction  where no column says it
     * @param  ?string  $material  where no column says it
     */
    public function __construct(
        public array $columns,
        public array $units,
        public ?string $construction,
        public ?string $material,
    ) {}
}
