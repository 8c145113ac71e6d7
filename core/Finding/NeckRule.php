<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Limit\Limits;
use Lira\Playing\WholeNeck;

/**
 * One thing that is looked for in how a set plays on its neck: where it is fitted, printed or finished, not while gauges are stepped
 * through. To add one: a class here, and a line in {@see Rulebook}.
 */
interface NeckRule
{
    /** What there is to know about it, wherever it is found. */
    public static function type(): FindingType;

    /** @return list<Finding> */
    public function find(SetDesign $design, WholeNeck $neck, Limits $limits): array;
}
