<?php

declare(strict_types=1);

namespace Lira\Solver;

/** A packaged set beside a brief: how near it comes, and the singles that would complete it. */
final readonly class NearestPackaged
{
    /**
     * @param  list<array{position: int, candidate: Candidate}>  $used  its strings, where each goes
     * @param  list<array{position: int, candidate: Candidate, why: 'missing'|'out-of-band'|'limit'}>  $singles  what to buy beside it
     * @param  float  $miss  the misses of all positions once it is completed
     */
    public function __construct(public PackagedSet $set, public array $used, public array $singles, public float $miss) {}
}
