<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Wording\Statement;

/** One step of fitting: what is done, when it is done, and what pulls then. */
final readonly class Step
{
    /**
     * @param  ?int  $position  the string it concerns; null where it concerns all or none
     * @param  list<Figure>  $figures
     * @param  list<Caution>  $cautions  that no earlier step said
     * @param  float  $pullAfterN  of all strings together once it is done, newtons
     */
    public function __construct(
        public Phase $phase,
        public ?int $position,
        public Statement $do,
        public ?Statement $doneWhen,
        public array $figures,
        public array $cautions,
        public float $pullAfterN,
    ) {}
}
