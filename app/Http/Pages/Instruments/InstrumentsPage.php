<?php

declare(strict_types=1);

namespace App\Http\Pages\Instruments;

use App\Http\Pages\Page;
use App\Instruments\Views\InstrumentSummaryView;

/** The list of instruments. */
final readonly class InstrumentsPage extends Page
{
    /**
     * @param  list<InstrumentSummaryView>  $instruments
     * @param  bool  $away  whether those are listed that were put away
     * @param  int  $putAway  how many those are
     */
    public function __construct(
        public array $instruments,
        public bool $away,
        public int $putAway,
    ) {}
}
