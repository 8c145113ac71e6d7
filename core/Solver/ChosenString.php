<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Target\Band;

/** A string of a solution, with the next lighter and heavier gauge of the same family. */
final readonly class ChosenString
{
    public function __construct(
        public int $position,
        public Candidate $chosen,
        public Band $band,
        public ?Candidate $lighter,
        public ?Candidate $heavier,
    ) {}
}
