<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;

/** What this workshop is called and takes as usual. */
final readonly class WorkshopPage extends Page
{
    /**
     * @param  array{name: string, address: string, currency: string, lead_days: int, finger_mm: ?float, revision: int}  $settings
     * @param  array{mm: float, strings: int}|null  $learned  what turns that were counted say of the fingers here
     */
    public function __construct(
        public array $settings,
        public ?array $learned,
    ) {}
}
