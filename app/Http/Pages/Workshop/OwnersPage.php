<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;

/** Whose instruments are here. */
final readonly class OwnersPage extends Page
{
    /**
     * @param  list<array{name: string, instruments: int, jobs: int, open: int, rules: int, way: bool}>  $owners  by name
     * @param  array{name: string, instruments: list<array{id: int, name: string, strings: int}>, jobs: list<array{id: int, name: string, instrument: string, on: ?string}>, rules: list<string>, care: int}|null  $chosen  with all of theirs
     */
    public function __construct(
        public array $owners,
        public ?array $chosen,
    ) {}
}
