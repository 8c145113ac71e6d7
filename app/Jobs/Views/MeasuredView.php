<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** What was measured before or after. */
final readonly class MeasuredView
{
    /**
     * @param  ?float  $action_12_mm  of the last string at the 12th fret
     * @param  ?float  $bridge_mm  from nut to bridge
     * @param  bool  $adjusted  whether the rod or the bridge's height was turned since, so that nothing is learned from it
     */
    public function __construct(public ?float $action_12_mm, public ?float $relief_mm, public ?float $bridge_mm, public bool $adjusted = false) {}
}
