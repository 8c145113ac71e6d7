<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Strings\BuiltString;

/** A whole set chosen for a brief. */
final readonly class Solution
{
    /**
     * @param  list<ChosenString>  $strings  string 1 first; without those that nothing may be chosen for
     * @param  list<float>  $totalsN  in each tuning, newtons
     */
    public function __construct(public float $objective, public array $strings, public array $totalsN) {}

    /** A design with its strings; one that nothing may be chosen for stays as it is. */
    public function on(SetDesign $design): SetDesign
    {
        $chosen = array_column(array_map(
            static fn (ChosenString $string): array => [$string->position, $string->chosen->string],
            $this->strings,
        ), 1, 0);

        return $design->withStrings(array_map(
            static fn (BuiltString $present, int $index): BuiltString => $chosen[$index + 1] ?? $present,
            $design->strings,
            array_keys($design->strings),
        ));
    }

    /** @return list<BuiltString> its strings, string 1 first */
    public function built(): array
    {
        return array_map(static fn (ChosenString $string): BuiltString => $string->chosen->string, $this->strings);
    }
}
