<?php

declare(strict_types=1);

namespace Lira\Solver;

/** What a search found: the best choices, best first, and what it proved about the rest. */
final readonly class Ranked
{
    /**
     * @param  list<array{objective: float, choice: list<int>}>  $found  the index of the candidate chosen for each string
     * @param  bool  $complete  whether nothing better was left unseen
     * @param  float  $bound  no choice that was not looked at is better than this
     * @param  int  $begun  how many choices were begun
     */
    public function __construct(public array $found, public bool $complete, public float $bound, public int $begun) {}
}
