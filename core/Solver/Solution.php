<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Strings\BuiltString;

/** A whole set chosen for a brief. */
final readonly class Solution
{
    /**
     * @param  list<ChosenString>  $strings  string 1 first
     * @param  list<float>  $totalsN  in each tuning, newtons
     */
    public function __construct(public float $objective, public array $strings, public array $totalsN) {}

    /** @return list<BuiltString> its strings, string 1 first */
    public function built(): array
    {
        return array_map(static fn (ChosenString $string): BuiltString => $string->chosen->string, $this->strings);
    }
}
