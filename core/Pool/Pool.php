<?php

declare(strict_types=1);

namespace Lira\Pool;

use Lira\Strings\BuiltString;

/** The strings from which a set is chosen. */
final readonly class Pool
{
    /** @param  list<BuiltString>  $strings  in the order given */
    public function __construct(public array $strings) {}
}
