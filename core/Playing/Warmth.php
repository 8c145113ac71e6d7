<?php

declare(strict_types=1);

namespace Lira\Playing;

/** What warmth does to the pitch: string and neck expand differently (physics 18). Humidity is not modelled. */
final class Warmth
{
    /** Of wood along its grain, a kelvin. */
    private const NECK_PER_K = 5e-6;

    /**
     * −(600/ln 2) EA (α − α of the neck)/T.
     *
     * @param  float  $stiffnessN  EA of the core, newtons
     * @param  float  $tensionN  newtons, above 0
     * @param  ?float  $expansionPerK  α of the core, a kelvin; null where there is none that could be said (polymers)
     * @return ?float cents for a kelvin of warming; negative goes flat
     */
    public static function centsPerK(float $stiffnessN, float $tensionN, ?float $expansionPerK): ?float
    {
        return $expansionPerK === null ? null : -600 / M_LN2 * $stiffnessN * ($expansionPerK - self::NECK_PER_K) / $tensionN;
    }
}
