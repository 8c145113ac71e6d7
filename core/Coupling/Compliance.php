<?php

declare(strict_types=1);

namespace Lira\Coupling;

use Lira\Instrument\BridgeHold;
use Lira\Instrument\Hardware;
use Lira\Instrument\SpringSet;
use Lira\Kind\Kind;

/** How far the ends of the strings give, along the strings, for each newton these pull more; metres per newton. */
final class Compliance
{
    /** Springs that nobody recorded. */
    private const USUAL_SPRINGS = 3;

    private const USUAL_RATE_N_PER_M = 2000.0;

    /**
     * Of an instrument that was not measured: within a factor of two.
     *
     * @return float metres per newton, above 0
     */
    public static function usualMPerN(Kind $kind, Hardware $hardware): float
    {
        $neckAndTop = match ($kind) {
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Banjo => 0.5e-6,
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::Mandolin, Kind::OctaveMandolin, Kind::ClassicalGuitar, Kind::Ukulele => 0.8e-6,
            Kind::Bass, Kind::ElastomerBass => 0.4e-6,
            Kind::AcousticBass, Kind::Other => 0.6e-6,
        };

        return $neckAndTop + (self::floats($hardware) ? self::ofSpringsMPerN($hardware->springs) : 0.0);
    }

    public static function floats(Hardware $hardware): bool
    {
        return $hardware->bridge === null ? $hardware->anchor->floats() : $hardware->bridge === BridgeHold::Floating;
    }

    /** What a floating bridge adds: ρ²/(springs · rate). */
    private static function ofSpringsMPerN(?SpringSet $springs): float
    {
        $springs ??= new SpringSet(self::USUAL_SPRINGS, self::USUAL_RATE_N_PER_M);

        return $springs->lever ** 2 / ($springs->count * $springs->rateNPerM);
    }
}
