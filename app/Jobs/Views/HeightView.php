<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** By how much a height will change with what the strings pull; millimetres, in its 95 % range. */
final readonly class HeightView
{
    /** @param  int  $learned_from  so many jobs on this instrument */
    public function __construct(public float $low, public float $estimate, public float $high, public int $learned_from) {}
}
