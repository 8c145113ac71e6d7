<?php

declare(strict_types=1);

namespace App\Http\Pages\Tuning;

use App\Http\Pages\Page;
use App\Tuning\Views\TunableView;

/** Which instrument is tuned, and with what on it. */
final readonly class TuneDoorPage extends Page
{
    /**
     * @param  list<TunableView>  $instruments
     */
    public function __construct(
        public array $instruments,
    ) {}
}
