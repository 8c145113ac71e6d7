<?php

declare(strict_types=1);

namespace Lira\Strength;

use Lira\Certainty\Interval;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
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

    /**
     * The share that a plain string takes at a pitch on a length: ρ c²/S, which hangs on its diameter only as its strength does.
     *
     * @param  Material  $material  that can carry load; any other breaks at once
     * @param  float  $diameterM  metres, above 0
     * @param  float  $speed  of waves along it, c = 2 L f, m/s
     */
    public static function shareOfPlain(Material $material, float $diameterM, float $speed): float
    {
        $properties = $material->properties();

        return $properties->strength === null ? INF
            : $properties->densityKgPerM3 * $speed ** 2 / $properties->strength->pascalsAt($diameterM);
    }

    /**
     * The tension, as the string is taken to pull, at which a share of its breaking load is reached: at the low end if its core is as
     * thin as it may be, at the high end if it is as thick.
     *
     * @param  float  $share  of the breaking load, above 0
     * @return ?Interval newtons; null for a string without a modelled core
     */
    public static function safeN(BuiltString $string, float $share): ?Interval
    {
        $safe = array_map(static fn (BuiltString $possible): float => self::safeIfN($string, $possible, $share), $string->possible());

        return $string->build->core === null ? null : Interval::around(...$safe);
    }

    /**
     * The same with the thickest core it may have: what it is certain to pass.
     *
     * @param  float  $share  of the breaking load, above 0
     * @return ?float newtons; null for a string without a modelled core
     */
    public static function certainlyN(BuiltString $string, float $share): ?float
    {
        return $string->build->core === null ? null : self::safeIfN($string, $string->withThickestCore(), $share);
    }

    /** With another core the string weighs a little more or less, so it pulls otherwise at the same pitch. */
    private static function safeIfN(BuiltString $taken, BuiltString $possible, float $share): float
    {
        $loadN = $possible->build->core === null ? INF : $share * self::loadN($possible->build->core);

        return $possible === $taken || $loadN === INF ? $loadN : $taken->tension->atSpeedN($possible->tension->speedSquared($loadN));
    }
}
