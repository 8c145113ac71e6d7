<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Fitting\School\Schools;

/** How to fit a set on its instrument, one step after the other. */
final readonly class Plan
{
    /**
     * @param  list<PlannedString>  $strings  string 1 first
     * @param  non-empty-list<Step>  $steps  in their order
     */
    public function __construct(public string $name, public Schools $schools, public array $strings, public array $steps) {}
}
