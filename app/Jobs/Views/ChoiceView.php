<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** Something that can be chosen. */
final readonly class ChoiceView
{
    public function __construct(public string $value, public string $label) {}
}
