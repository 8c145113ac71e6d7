<?php

declare(strict_types=1);

namespace App\Strings\Pools\Views;

/** A named pool. */
final readonly class PoolView
{
    /**
     * @param  int  $gauges  how many it has now
     */
    public function __construct(
        public int $id,
        public int $revision,
        public string $name,
        public PoolRuleView $rule,
        public int $gauges,
    ) {}
}
