<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Wording\Statement;

/** One step of fitting: what is done, when it is done, and what pulls then. */
final readonly class Step
{
    /**
     * @param  string  $key  the same for the same thing to do, whichever the schools: "fit:6", "stretch"
     * @param  ?int  $position  the string it concerns; null where it concerns all or none
     * @param  Statement  $do  on paper
     * @param  Clauses  $lines  the same at the bench
     * @param  list<Figure>  $figures
     * @param  list<Caution>  $cautions  that no earlier step said
     * @param  array<int, ?float>  $pulls  what it changes: the pull of strings by position, newtons; null of one that is off
     * @param  list<Part>  $parts  in their order, the last with the step's own key; none where it is done in one
     * @param  ?int  $restsS  how long it is left alone before it counts as done, seconds; null where nothing is waited for
     * @param  float  $pullAfterN  of all strings together once it is done, newtons
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public ?int $position,
        public Statement $do,
        public Clauses $lines,
        public ?Statement $doneWhen,
        public array $figures,
        public array $cautions,
        public array $pulls,
        public array $parts = [],
        public ?int $restsS = null,
        public float $pullAfterN = 0.0,
    ) {}

    public function pulling(float $newtons): self
    {
        return new self(
            $this->key, $this->phase, $this->position, $this->do, $this->lines, $this->doneWhen, $this->figures, $this->cautions, $this->pulls,
            $this->parts, $this->restsS, $newtons,
        );
    }
}
