<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Finding\Place;

/** Where a finding is shown on the plan of the instrument. */
final readonly class Mark
{
    /** @param  int  $finding  its place in the list of findings, from 0 */
    public function __construct(public int $finding, public Place $place, public ?int $position, public Point $at) {}
}
