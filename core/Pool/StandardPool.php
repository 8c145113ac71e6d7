<?php

declare(strict_types=1);

namespace Lira\Pool;

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
    private const PLAIN_STEEL = [[7, 13, 0.5], [14, 26, 1]];

    private const WOUND_GUITAR = [[17, 60, 1], [62, 90, 2]];

    private const WOUND_BASS = [[25, 195, 5]];

    private const PLAIN_NYLON = [[18, 46, 1]];

    private const WOUND_NYLON = [[22, 50, 1], [52, 56, 2]];

    private const PLAIN_BANJO = [[8, 13, 0.5], [14, 18, 1]];

    private const WOUND_BANJO = [[18, 32, 1]];

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
        return new Pool(match ($kind) {
            Kind::ElectricGuitar, Kind::Other => [
                ...self::run($kind, $measurements, Construction::Plain, Material::MusicWire, self::PLAIN_STEEL),
                ...self::run($kind, $measurements, Construction::RoundWound, Material::NickelPlatedSteel, self::WOUND_GUITAR),
            ],
            Kind::AcousticGuitar => [
                ...self::run($kind, $measurements, Construction::Plain, Material::MusicWire, self::PLAIN_STEEL),
                ...self::run($kind, $measurements, Construction::RoundWound, Material::PhosphorBronze, self::WOUND_GUITAR),
            ],
            Kind::ClassicalGuitar => [
                ...self::run($kind, $measurements, Construction::Plain, Material::Nylon, self::PLAIN_NYLON),
                ...self::run($kind, $measurements, Construction::RoundWound, Material::SilverPlatedCopper, self::WOUND_NYLON),
            ],
            Kind::Ukulele => [
                ...self::run($kind, $measurements, Construction::Plain, Material::Fluorocarbon, self::PLAIN_NYLON),
                ...self::run($kind, $measurements, Construction::RoundWound, Material::SilverPlatedCopper, self::WOUND_NYLON),
            ],
            Kind::Banjo => [
                ...self::run($kind, $measurements, Construction::Plain, Material::MusicWire, self::PLAIN_BANJO),
                ...self::run($kind, $measurements, Construction::RoundWound, Material::NickelPlatedSteel, self::WOUND_BANJO),
            ],
            Kind::Bass => self::run($kind, $measurements, Construction::RoundWound, Material::NickelPlatedSteel, self::WOUND_BASS),
            Kind::AcousticBass => self::run($kind, $measurements, Construction::RoundWound, Material::PhosphorBronze, self::WOUND_BASS),
            Kind::ElastomerBass => self::elastomer($kind, $measurements),
        });
    }

    /**
     * The pool for a kind of instrument, and beside it the gauges of whatever else the set's own strings are made of.
     *
     * @param  list<BuiltString>  $strings
     */
    public static function with(Kind $kind, array $strings, Measurements $measurements = new Measurements): Pool
    {
        $pool = self::for($kind, $measurements)->strings;
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
        $wound = $type->construction->isWound();

        return match (true) {
            $wound && $kind->isBass() => self::WOUND_BASS,
            $wound && $type->material === Material::SilverPlatedCopper => self::WOUND_NYLON,
            $wound => self::WOUND_GUITAR,
            $type->material === Material::MusicWire => self::PLAIN_STEEL,
            default => self::PLAIN_NYLON,
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
