<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;

/** Copies of the workshop, and what lies where. */
final readonly class CopiesPage extends Page
{
    /**
     * @param  list<array{name: string, bytes: int, on: string}>  $kept  the newest first
     * @param  list<array{what: string, bytes: int}>  $space
     * @param  int  $free  on the disk of the database
     * @param  bool  $served  whether a copy can be brought back from here
     * @param  bool  $empty  whether a demo can be put in
     */
    public function __construct(
        public array $kept,
        public string $folder,
        public bool $own_folder,
        public ?string $made_at,
        public array $space,
        public int $free,
        public bool $served,
        public bool $demo,
        public bool $empty,
    ) {}
}
