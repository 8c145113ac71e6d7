<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The springs of a floating bridge: how many, and the rate of one in newtons per metre. */
final readonly class SpringSet
{
    public function __construct(public int $count, public float $rateNPerM) {}
}
