<?php

declare(strict_types=1);

namespace App\Http\Pages\Frame;

use App\Http\Pages\Page;

/** What the words mean. */
final readonly class WordsPage extends Page
{
    /**
     * @param  array<string, array<string, string>>  $groups  meanings by their words, group by group
     */
    public function __construct(
        public array $groups,
    ) {}
}
