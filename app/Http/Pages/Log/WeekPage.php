<?php

declare(strict_types=1);

namespace App\Http\Pages\Log;

use App\Http\Pages\Page;
use App\Log\Views\DueView;

/** What is due. */
final readonly class WeekPage extends Page
{
    /**
     * @param  list<DueView>  $due
     * @param  int  $weeks  so far ahead it is looked
     * @param  string  $today  a date, ISO 8601
     * @param  string  $feed  where calendars can read it
     * @param  int  $instruments  how many there are
     */
    public function __construct(
        public array $due,
        public int $weeks,
        public string $today,
        public string $feed,
        public int $instruments,
    ) {}
}
