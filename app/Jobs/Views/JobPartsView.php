<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** A job in parts that change by themselves. */
final readonly class JobPartsView
{
    /**
     * @param  PlanRestJson  $plan
     * @param  StepsJson  $steps  by their keys
     * @param  list<array{string, float}>  $order  keys in the order of the plan, each with what all strings pull after it
     * @param  list<string>  $rounds  keys of what is done over once a string changes
     */
    public function __construct(
        public JobView $job,
        public array $plan,
        public \stdClass $steps,
        public array $order,
        public array $rounds,
    ) {}
}
