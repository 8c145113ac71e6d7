<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** A figure of a step, as it is kept and as it is said. */
final readonly class Figure
{
    /**
     * @param  string  $name  with its unit, as `cut_past_post_mm`
     * @param  string  $said  in the words of the school, SI
     */
    public function __construct(public string $name, public float $value, public string $said) {}
}
