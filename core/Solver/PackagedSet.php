<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Strings\BuiltString;

/** A set that is sold as one, its strings from string 1. */
final readonly class PackagedSet
{
    /** @param  non-empty-list<BuiltString>  $strings */
    public function __construct(public string $name, public array $strings) {}
}
