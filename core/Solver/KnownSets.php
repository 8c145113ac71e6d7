<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/**
 * Sets of gauges that players call by the first and the last: "ten to forty-six". They are what such words mean anywhere, and nobody's
 * product. To add one: a row here, in thousandths of an inch from string 1, wound strings marked.
 */
final class KnownSets
{
    private const STEEL = [
        '8 10 15 21w 30w 38w', '9 11 16 24w 32w 42w', '9 11 16 26w 36w 46w', '9.5 12 16 24w 34w 44w', '10 13 17 26w 36w 46w',
        '10 13 17 30w 42w 52w', '10.5 13.5 18 28w 38w 48w', '11 14 18 28w 38w 48w', '11 14 18 28w 38w 49w', '11 14 18 30w 42w 54w',
        '12 16 20 32w 42w 52w', '12 16 20 32w 42w 54w', '12 16 20 34w 46w 56w', '13 17 26w 36w 46w 56w', '14 18 26w 44w 56w 68w',
        '9 11 16 24w 32w 42w 54w', '10 13 17 26w 36w 46w 56w', '10 13 17 26w 36w 46w 59w', '10 13 17 30w 42w 52w 62w',
        '10 13 17 26w 36w 46w 59w 74w', '9 11 16 24w 32w 42w 54w 65w',
    ];

    private const BRONZE = [
        '10 14 23w 30w 39w 47w', '11 15 22w 32w 42w 52w', '12 16 24w 32w 42w 53w', '12 16 25w 32w 42w 54w', '13 17 26w 35w 45w 56w',
    ];

    private const BASS = [
        '40w 60w 75w 95w', '40w 60w 80w 100w', '45w 65w 80w 100w', '45w 65w 85w 105w', '50w 70w 85w 105w', '50w 70w 90w 110w',
        '40w 60w 75w 95w 125w', '45w 65w 80w 100w 125w', '45w 65w 85w 105w 130w', '30w 45w 65w 85w 105w 130w',
    ];

    /** @return list<list<StringSpec>> each with so many strings, string 1 first */
    public static function for(Kind $kind, int $strings): array
    {
        $rows = match ($kind) {
            Kind::ElectricGuitar, Kind::Other => self::STEEL,
            Kind::AcousticGuitar => [...self::BRONZE, ...self::STEEL],
            Kind::Bass, Kind::AcousticBass => self::BASS,
            default => [],
        };

        return array_map(
            static fn (string $row): array => self::specs($kind, explode(' ', $row)),
            array_values(array_filter($rows, static fn (string $row): bool => substr_count($row, ' ') === $strings - 1)),
        );
    }

    /**
     * Strings of the materials that are usual on a kind of instrument.
     *
     * @param  list<string>  $gauges  thousandths of an inch, those of wound strings marked with w; or millimetres, marked with mm
     * @return list<StringSpec>
     */
    public static function specs(Kind $kind, array $gauges): array
    {
        [$plain, $wound] = self::materials($kind);

        return array_map(static fn (string $gauge): StringSpec => new StringSpec(StringType::of(
            str_ends_with($gauge, 'w') ? Construction::RoundWound : Construction::Plain,
            str_ends_with($gauge, 'w') ? $wound : $plain,
            str_ends_with($gauge, 'mm') ? Length::millimetres((float) $gauge) : Length::thousandths((float) rtrim($gauge, 'w')),
        )), $gauges);
    }

    /** @return array{Material, Material} what plain and what wound strings usually are of */
    public static function materials(Kind $kind): array
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::Other, Kind::Bass, Kind::Banjo => [Material::MusicWire, Material::NickelPlatedSteel],
            Kind::ElastomerBass => [Material::Polyurethane, Material::NickelPlatedSteel],
            Kind::AcousticGuitar, Kind::AcousticBass => [Material::MusicWire, Material::PhosphorBronze],
            Kind::ClassicalGuitar => [Material::Nylon, Material::SilverPlatedCopper],
            Kind::Ukulele => [Material::Fluorocarbon, Material::SilverPlatedCopper],
        };
    }
}
