<?php

declare(strict_types=1);

namespace App\Strings\Pools\Views;

/** What is in a pool. */
final readonly class PoolRuleView
{
    /**
     * @param  list<int>  $suppliers  by id; empty for all
     * @param  list<string>  $families  construction and material; empty for all
     * @param  bool  $half_gauges  whether half thousandths are in it
     * @param  bool  $drawer  whether only what lies there
     */
    public function __construct(
        public array $suppliers,
        public array $families,
        public bool $half_gauges,
        public bool $drawer,
    ) {}
}
