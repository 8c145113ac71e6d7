<?php

declare(strict_types=1);

namespace App\Http\Pages\Log;

use App\Http\Pages\Page;
use App\Log\Views\ShowView;

/** Shows that come, and that were. */
final readonly class ShowsPage extends Page
{
    /**
     * @param  list<ShowView>  $coming
     * @param  list<ShowView>  $past
     * @param  list<array{id: int, name: string, owner: string}>  $instruments
     * @param  ?string  $zone  null until somebody said it
     */
    public function __construct(
        public array $coming,
        public array $past,
        public array $instruments,
        public ?string $zone,
    ) {}
}
