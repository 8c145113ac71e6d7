<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;

/** What one may want, and where it is. */
final readonly class HelpPage extends Page
{
    /**
     * @param  list<string>  $groups  of words that are explained
     */
    public function __construct(
        public array $groups,
    ) {}
}
