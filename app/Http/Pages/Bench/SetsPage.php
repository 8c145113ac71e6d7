<?php

declare(strict_types=1);

namespace App\Http\Pages\Bench;

use App\Bench\Views\SetSummaryView;
use App\Http\Pages\Page;

/** The list of sets. */
final readonly class SetsPage extends Page
{
    /**
     * @param  list<SetSummaryView>  $sets  those of the first page, or all of them where the address looks for some
     * @param  int  $count  how many there are
     * @param  bool  $away  whether those are listed that were put away
     * @param  int  $putAway  how many those are
     */
    public function __construct(
        public array $sets,
        public int $count,
        public bool $away,
        public int $putAway,
    ) {}
}
