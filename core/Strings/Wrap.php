<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Material\Material;

/** One layer of wire or ribbon wound on a core. Lengths are metres, masses per length kg/m at rest. */
interface Wrap
{
    public function material(): Material;

    /**
     * What a layer on this inner diameter adds to the string's linear density.
     *
     * @param  float  $innerDiameterM  metres, above zero
     * @return float kg/m
     */
    public function kgPerM(float $innerDiameterM): float;

    /** How much it adds to the radius, metres. */
    public function thicknessM(): float;
}
