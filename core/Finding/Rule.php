<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** One thing that is looked for in an evaluated set. To add one: a class here, and a line in {@see Rulebook}. */
interface Rule
{
    /** What there is to know about it, wherever it is found. */
    public static function type(): FindingType;

    /** @return list<Finding> */
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array;
}
