<?php

declare(strict_types=1);

namespace App\Http\Pages\Bench;

use App\Http\Pages\Page;

/** Where a set is begun from what somebody has. */
final readonly class StartPage extends Page
{
    /**
     * @param  list<array{id: int, name: string}>  $instruments  those of the workshop, the last changed first
     * @param  array{id: int, name: string}|null  $chosen  the one that is to be designed for
     * @param  bool  $empty  whether there is nothing at all yet
     * @param  bool  $demo  whether the demo workshop is in it
     */
    public function __construct(
        public array $instruments,
        public ?array $chosen,
        public bool $empty,
        public bool $demo,
    ) {}
}
