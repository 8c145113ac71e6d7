<?php

declare(strict_types=1);

namespace App\Log\Views;

/** How many last so long, as it is reckoned. */
final readonly class CurveView
{
    /**
     * @param  float  $share  of such strings that last so long
     * @param  float  $low  where that lies in 8 of 10 such cases
     */
    public function __construct(
        public float $hours,
        public float $share,
        public float $low,
        public float $high,
    ) {}
}
