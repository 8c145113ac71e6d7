<?php

declare(strict_types=1);

namespace Lira\Evaluation;

/** How hard a string presses on nut and saddle, newtons; none where its angle there is not known. */
final readonly class DownForces
{
    public function __construct(
        public ?float $nutN,
        public ?float $saddleN,
    ) {}
}
