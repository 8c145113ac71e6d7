<?php

declare(strict_types=1);

namespace Lira\Job;

/** A job that was finished is open again. */
final readonly class TakenBack
{
    /** @param  bool  $these  whether its strings are on now, though a later job has put its own on */
    public function __construct(public int $job, public int $atS, public bool $these) {}

    /**
     * Its strings on again, in place of the later ones.
     *
     * @param  list<int>  $positions
     */
    public function again(array $positions): PutOn
    {
        return new PutOn($this->job, $this->atS, $positions, 'other');
    }
}
