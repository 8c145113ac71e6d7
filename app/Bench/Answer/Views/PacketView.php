<?php

declare(strict_types=1);

namespace App\Bench\Answer\Views;

use Lira\Solver\NearestBy;

/** A packaged set beside a design, as it comes. */
final readonly class PacketView
{
    /**
     * @param  string  $line  its gauges in one line
     * @param  NearestBy  $nearest  what it comes nearest by
     * @param  float  $most_share  how far the string that differs most is off, as a share of its tension
     * @param  float  $total_share  how much more all pull together, as a share
     * @param  list<string>  $differs  what is another than in the design, a phrase for each string
     * @param  ?int  $cents  null where it has no price
     */
    public function __construct(
        public string $name,
        public string $line,
        public NearestBy $nearest,
        public float $most_share,
        public float $total_share,
        public array $differs,
        public ?int $cents,
        public string $currency,
    ) {}
}
