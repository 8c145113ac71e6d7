<?php

declare(strict_types=1);

namespace App\Http\Pages\Jobs;

use App\Http\Pages\Page;
use App\Instruments\Views\OnItView;

/** An instrument whose label was read: what goes on with it. */
final readonly class AtHandPage extends Page
{
    /**
     * @param  array{id: int, name: string, kind: string, strings: int, owner: string}  $instrument
     * @param  ?OnItView  $onIt  what is on it now, as far as jobs tell
     * @param  ?string  $due  when its strings are due again; null where nobody knows
     * @param  array{id: int, name: string, do: string, bench: string}|null  $job  what goes on with it; null where none is open
     */
    public function __construct(
        public array $instrument,
        public ?OnItView $onIt,
        public ?string $due,
        public ?array $job,
    ) {}
}
