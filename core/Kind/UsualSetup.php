<?php

declare(strict_types=1);

namespace Lira\Kind;

/**
 * How an instrument of some kind is usually set up and picked: what stands in until somebody measured. Metres and newtons; round
 * figures.
 */
final readonly class UsualSetup
{
    /** The height at the nut may be so much less or more than what is usual. */
    public const NUT_VARIES_M = 0.000_15;

    /**
     * @param  float  $action12M  height of the strings above the 12th fret
     * @param  float  $nutHeightM  height of the strings above the frets' plane at the nut
     * @param  array{soft: float, medium: float, hard: float}  $pickingN  the force of the pick
     */
    private function __construct(public float $action12M, public float $nutHeightM, public array $pickingN) {}

    public static function of(Kind $kind): self
    {
        [$actionMm, $nutMm] = match ($kind) {
            Kind::ElectricGuitar => [1.8, 0.35],
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar => [2.3, 0.45],
            Kind::Mandolin => [1.8, 0.35],
            Kind::OctaveMandolin => [2.2, 0.4],
            Kind::ClassicalGuitar => [3.3, 0.6],
            Kind::Bass => [2.2, 0.5],
            Kind::AcousticBass => [2.5, 0.55],
            Kind::ElastomerBass => [3.0, 0.8],
            Kind::Banjo => [2.8, 0.4],
            Kind::Ukulele => [2.5, 0.5],
            Kind::LapSteel, Kind::Other => [2.0, 0.4],
        };

        return new self($actionMm / 1000, $nutMm / 1000, self::pickingN($kind));
    }

    /**
     * Soft, medium and hard: a few millimetres of displacement where one usually picks.
     *
     * @return array{soft: float, medium: float, hard: float}
     */
    private static function pickingN(Kind $kind): array
    {
        return match ($kind) {
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass => ['soft' => 2.0, 'medium' => 4.0, 'hard' => 7.0],
            Kind::Ukulele => ['soft' => 0.3, 'medium' => 0.7, 'hard' => 1.1],
            Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::LapSteel, Kind::ClassicalGuitar, Kind::Banjo,
            Kind::Mandolin, Kind::OctaveMandolin, Kind::Other => ['soft' => 0.7, 'medium' => 1.5, 'hard' => 2.2],
        };
    }
}
