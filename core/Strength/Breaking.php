<?php

declare(strict_types=1);

namespace Lira\Strength;

use Lira\Strings\Core;

/**
 * Only the core carries load. Figures are for new, unkinked wire; kinks, sharp edges and rust break strings earlier.
 */
final class Breaking
{
    /**
     * The tension at which the core breaks: S A, with S taken at the core's size (across corners when hexagonal).
     *
     * @return float newtons; 0 if the core's material has no strength of its own, which {@see Core::of()} rules out
     */
    public static function loadN(Core $core): float
    {
        return (float) $core->material->properties()->strength?->pascalsAt($core->size->inMetres()) * $core->areaM2();
    }

    /**
     * The share of the breaking load that a tension uses: T/(S A).
     *
     * @param  float  $tensionN  newtons, at least 0
     */
    public static function share(float $tensionN, Core $core): float
    {
        return $tensionN / self::loadN($core);
    }
}
