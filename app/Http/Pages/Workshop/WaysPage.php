<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;
use App\Jobs\Views\SchoolView;

/** The schools that the workshop goes by. */
final readonly class WaysPage extends Page
{
    /**
     * @param  list<SchoolView>  $schools
     * @param  list<string>  $owners  who has a way of their own
     */
    public function __construct(
        public array $schools,
        public array $owners,
    ) {}
}
