<?php

declare(strict_types=1);

namespace Lira\Solver;

/** The answer to a brief. */
final readonly class Solved
{
    /**
     * @param  non-empty-list<Solution>  $solutions  best first
     * @param  list<NearestPackaged>  $packaged  nearest first
     * @param  int  $begun  how many choices were begun to find them
     */
    public function __construct(
        public array $solutions,
        public bool $complete,
        public float $bound,
        public array $packaged,
        public int $begun,
    ) {}
}
