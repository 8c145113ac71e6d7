<?php

declare(strict_types=1);

namespace Lira\Strength;

use Lira\Certainty\Interval;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Core;
use Lira\Strings\TensionLaw;

/**
 * Only the core carries load. Figures are for new, unkinked wire; kinks, sharp edges and rust break strings earlier.
 */
final class Breaking
{
    private const STEPS = 20;

    /** A step that is so short, relative, is the last: the next would be a thousand times shorter. */
    private const NEAR = 1e-6;

    /** @var ?\WeakMap<BuiltString, array<array-key, float>> gauges of a pool are asked about for every string and every limit */
    private static ?\WeakMap $certain = null;

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
     * What a share of the breaking load may really be: over what the core may be, and over what wire of one size really bears, in
     * quadrature, each relative to the estimate.
     *
     * @param  Interval  $overCores  the share over what the core may be
     * @param  float  $varies  by how much the strength of its material may be off, relative, 95 %
     */
    public static function ranged(Interval $overCores, float $varies): Interval
    {
        $share = $overCores->estimate;

        return Interval::around($share, $share * self::least($overCores, $varies), $share * self::most($overCores, $varies));
    }

    /**
     * The tension, as the string is taken to pull, at which a share of its breaking load is reached: at the low end if it bears as
     * little as it may, at the high end if as much.
     *
     * @param  float  $share  of the breaking load, above 0
     * @return ?Interval newtons; null for a string without a modelled core
     */
    public static function safeN(BuiltString $string, float $share): ?Interval
    {
        $core = $string->build->core;

        return $core === null ? null : Interval::around(
            $share * self::loadN($core),
            self::whereN($string, $core, $share, self::most(...)),
            self::whereN($string, $core, $share, self::least(...)),
        );
    }

    /**
     * The same if it bears as much as it may: what it is certain to pass.
     *
     * @param  float  $share  of the breaking load, above 0
     * @return ?float newtons; null for a string without a modelled core
     */
    public static function certainlyN(BuiltString $string, float $share): ?float
    {
        $core = $string->build->core;
        if ($core === null) {
            return null;
        }
        $known = self::$certain ??= new \WeakMap;
        $shares = $known[$string] ?? [];
        $shares[(string) $share] ??= self::whereN($string, $core, $share, self::least(...));
        $known[$string] = $shares;

        return $shares[(string) $share];
    }

    /** The least that a share may be, as a share of its estimate. */
    private static function least(Interval $overCores, float $varies): float
    {
        return 1 - hypot(1 - $overCores->low / $overCores->estimate, $varies);
    }

    /** The greatest that a share may be, as a share of its estimate. */
    private static function most(Interval $overCores, float $varies): float
    {
        return 1 + hypot($overCores->high / $overCores->estimate - 1, $varies);
    }

    /**
     * Where one end of the range reaches a share. How wide the range is hardly hangs on the tension: each step comes nearer by about the
     * same factor, so that what is left after a few is known from the last two.
     *
     * @param  \Closure(Interval, float): float  $end
     */
    private static function whereN(BuiltString $string, Core $core, float $share, \Closure $end): float
    {
        [$loadN, $varies, $others] = [self::loadN($core), $core->material->properties()->strengthVaries(), self::others($string)];
        $atN = $share * $loadN;
        if ($others === []) {
            return $atN / $end(Interval::exact($share), $varies);
        }
        $before = 0.0;
        for ($step = 0; $step < self::STEPS; $step++) {
            $squared = $string->tension->speedSquared($atN);
            $shares = [];
            foreach ($others as [$tension, $breaksN]) {
                // With another core the string pulls a little otherwise at the same pitch.
                $shares[] = $tension->atSpeedN($squared) / $breaksN;
            }
            $moved = $share * $loadN / $end(Interval::around($atN / $loadN, ...$shares), $varies) - $atN;
            $atN += $moved;
            if (abs($moved) <= self::NEAR * $atN) {
                return $before === 0.0 ? $atN : $atN + $moved * $moved / ($before - $moved);
            }
            $before = $moved;
        }

        return $atN;
    }

    /**
     * What else the string may be: how it would pull, and at what it would break, newtons.
     *
     * @return list<array{TensionLaw, float}>
     */
    private static function others(BuiltString $string): array
    {
        $others = [];
        foreach ($string->possible() as $possible) {
            if ($possible !== $string && $possible->build->core !== null) {
                $others[] = [$possible->tension, self::loadN($possible->build->core)];
            }
        }

        return $others;
    }
}
