<?php

declare(strict_types=1);

namespace Lira\Pool;

use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\Measurements;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/**
 * The gauges that are usually sold singly for a kind of instrument, by construction: half-thousandth steps while plain
 * and thin, a thousandth when wound, two where very thick, five on bass. What a workshop can really buy replaces it.
 */
final class StandardPool
{
    /** Each run of gauges: from, to and step in thousandths of an inch. */
    private const PLAIN_STEEL = [[7, 16, 0.5], [17, 26, 1]];

    private const WOUND_GUITAR = [[17, 60, 1], [62, 90, 2]];

    private const WOUND_BASS = [[25, 195, 5]];

    private const PLAIN_NYLON = [[18, 46, 1]];

    private const WOUND_NYLON = [[22, 50, 1], [52, 56, 2]];

    private const PLAIN_BANJO = [[8, 16, 0.5], [17, 20, 1]];

    private const WOUND_BANJO = [[18, 32, 1], [34, 46, 2]];

    private const ELASTOMER_TENTHS_MM = [10, 60];

    /**
     * The pool for a kind of instrument.
     *
     * @param  Measurements  $measurements  of samples
     */
    public static function for(Kind $kind, Measurements $measurements = new Measurements): Pool
    {
        /** @var array<string, Pool> $known of the model alone: they are always the same */
        static $known = [];

        return $measurements->areNone() ? $known[$kind->value] ??= self::made($kind, $measurements) : self::made($kind, $measurements);
    }

    private static function made(Kind $kind, Measurements $measurements): Pool
    {
        $usual = Custom::of($kind)->strings;
        if ($usual->plain === Material::Polyurethane) {
            return new Pool(self::elastomer($kind, $measurements));
        }

        return new Pool([
            ...self::run($kind, $measurements, Construction::Plain, $usual->plain, self::plainOf($kind)),
            ...self::run($kind, $measurements, Construction::RoundWound, $usual->wound, self::woundOf($kind)),
        ]);
    }

    /** @return list<array{int, int, int|float}> */
    private static function plainOf(Kind $kind): array
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::LapSteel, Kind::Mandolin, Kind::OctaveMandolin,
            Kind::Other => self::PLAIN_STEEL,
            Kind::Banjo => self::PLAIN_BANJO,
            Kind::ClassicalGuitar, Kind::Ukulele => self::PLAIN_NYLON,
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass => [],
        };
    }

    /** @return list<array{int, int, int|float}> */
    private static function woundOf(Kind $kind): array
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::LapSteel, Kind::Mandolin, Kind::OctaveMandolin,
            Kind::Other => self::WOUND_GUITAR,
            Kind::Banjo => self::WOUND_BANJO,
            Kind::ClassicalGuitar, Kind::Ukulele => self::WOUND_NYLON,
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass => self::WOUND_BASS,
        };
    }

    /**
     * The pool for a kind of instrument, and beside it the gauges of whatever else the set's own strings are made of.
     *
     * @param  list<BuiltString>  $strings
     */
    public static function with(Kind $kind, array $strings, Measurements $measurements = new Measurements): Pool
    {
        $pool = self::suited($kind, $strings, $measurements)->strings;
        $known = [];
        foreach ($pool as $string) {
            $known[$string->spec->type->family()] = true;
        }
        foreach ($strings as $string) {
            $family = $string->spec->type->family();
            if (! isset($known[$family])) {
                $known[$family] = true;
                $pool = [
                    ...$pool,
                    ...$string->spec->type->material === Material::Polyurethane ? self::elastomer($kind, $measurements) : self::run(
                        $kind,
                        $measurements,
                        $string->spec->type->construction,
                        $string->spec->type->material,
                        self::gaugesFor($kind, $string->spec->type),
                    ),
                ];
            }
        }

        return new Pool($pool);
    }

    /**
     * What is usual of the kind, of the family its strings are of: beside gut stand no steel cores, beside steel no nylon.
     *
     * @param  list<BuiltString>  $strings
     */
    private static function suited(Kind $kind, array $strings, Measurements $measurements): Pool
    {
        $cores = array_map(static fn (BuiltString $string): ?Material => $string->build->core?->material, $strings);
        $polymers = count(array_filter($cores, static fn (?Material $core): bool => $core?->properties()->polymer === true));
        $steel = count(array_filter($cores, static fn (?Material $core): bool => $core === Material::MusicWire));
        $usual = Custom::of($kind)->strings;
        if ($polymers > $steel && $usual->plain === Material::MusicWire) {
            return new Pool([
                ...self::run($kind, $measurements, Construction::Plain, Material::Nylon, self::PLAIN_NYLON),
                ...self::run($kind, $measurements, Construction::RoundWound, Material::SilverPlatedCopper, self::WOUND_NYLON),
            ]);
        }

        return self::for($kind, $measurements);
    }

    /**
     * What a set is chosen from: gauges of what its own plain and its own wound strings are made of, and of what is usual for
     * the kind of instrument where it has none of the one or the other. A set of flatwounds stays one.
     *
     * @param  list<BuiltString>  $strings
     */
    public static function like(Kind $kind, array $strings, Measurements $measurements = new Measurements): Pool
    {
        $own = [];
        $has = [];
        foreach ($strings as $string) {
            $own[$string->spec->type->family()] = true;
            $has[$string->spec->type->construction->isWound()] = true;
        }

        return new Pool(array_values(array_filter(
            self::with($kind, $strings, $measurements)->strings,
            static fn (BuiltString $string): bool => isset($own[$string->spec->type->family()]) || ! isset(
                $has[$string->spec->type->construction->isWound()],
            ),
        )));
    }

    /** @return list<array{int, int, int|float}> */
    private static function gaugesFor(Kind $kind, StringType $type): array
    {
        return match ($type->material) {
            Material::MusicWire => self::PLAIN_STEEL,
            Material::Nylon, Material::NylonMultifilament, Material::Fluorocarbon, Material::SyntheticGut, Material::Polyurethane => self::PLAIN_NYLON,
            Material::SilverPlatedCopper => $kind->isBass() ? self::WOUND_BASS : self::WOUND_NYLON,
            Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::PhosphorBronze, Material::Bronze8020,
            Material::NylonTape => $kind->isBass() ? self::WOUND_BASS : self::WOUND_GUITAR,
        };
    }

    /**
     * Elastomer strings go by tenths of a millimetre, and by their gauge at rest.
     *
     * @return list<BuiltString>
     */
    private static function elastomer(Kind $kind, Measurements $measurements): array
    {
        [$thinnest, $thickest] = self::ELASTOMER_TENTHS_MM;

        return array_map(
            static fn (int $tenths): BuiltString => BuiltString::of(StringSpec::plain(Material::Polyurethane, Length::millimetres($tenths / 10)), $kind, $measurements),
            range($thinnest, $thickest),
        );
    }

    /**
     * @param  list<array{int, int, int|float}>  $runs
     * @return list<BuiltString>
     */
    private static function run(Kind $kind, Measurements $measurements, Construction $construction, Material $material, array $runs): array
    {
        $strings = [];
        foreach ($runs as [$from, $to, $step]) {
            for ($gauge = $from; $gauge <= $to; $gauge += $step) {
                $spec = new StringSpec(StringType::of($construction, $material, Length::thousandths($gauge)));
                $strings[] = BuiltString::of($spec, $kind, $measurements);
            }
        }

        return $strings;
    }
}
