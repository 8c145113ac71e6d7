<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

/** What to take from the drawer and what to order where. */
final readonly class PlanView
{
    /**
     * @param  int  $needed  strings
     * @param  list<TakenView>  $drawer
     * @param  list<CountedView>  $missing  that nobody lists
     * @param  list<PlannedOrderView>  $orders
     * @param  string  $currency  it is paid in
     * @param  list<string>  $currencies  that could be chosen
     * @param  bool  $proven  whether no other basket costs less
     * @param  int  $at_least_cents  no basket costs less than this
     * @param  int  $over  strings that come along and are not needed
     * @param  list<OtherWayView>  $otherwise
     */
    public function __construct(
        public int $needed,
        public array $drawer,
        public array $missing,
        public array $orders,
        public int $total_cents,
        public string $currency,
        public array $currencies,
        public bool $proven,
        public int $at_least_cents,
        public int $over,
        public array $otherwise,
    ) {}
}
