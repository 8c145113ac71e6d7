<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** A show at which new strings will not have settled. */
final readonly class ShowSoonView
{
    /** @param  string  $at  ISO 8601 */
    public function __construct(public string $name, public string $at) {}
}
