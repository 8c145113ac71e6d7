<?php

declare(strict_types=1);

namespace Lira\Job;

/** What a job needs of the drawer for one of its strings, whatever lies there. */
final readonly class Stock
{
    /**
     * @param  int  $used  strings that are used up: those that were spoiled, and the one that is on
     * @param  bool  $keeps  whether one is to be kept for it
     * @param  int  $spares  to be kept beside it
     * @param  ?int  $lot  it is to come from; null for any
     */
    private function __construct(public int $used, public bool $keeps, public int $spares, public ?int $lot) {}

    /**
     * @param  int  $spares  that were asked for of each string
     * @param  bool  $over  whether the job is finished or dropped
     */
    public static function of(Progress $progress, int $position, int $spares, bool $over): self
    {
        [$fitted, $brought, $spoiled] = [$progress->isFitted($position), $progress->isBrought($position), $progress->spoiled($position)];

        return new self(
            // What was brought along is not of the drawer: only what was spoiled before it was.
            $spoiled + ($fitted && ! $brought ? 1 : 0),
            ! $over && ! $fitted && ! $brought,
            $over ? 0 : max(0, $spares - $spoiled),
            $progress->lot($position),
        );
    }
}
