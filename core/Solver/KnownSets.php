<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
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

    private const RESONATOR = ['13 17 26w 35w 45w 56w', '16 18 26w 36w 46w 56w', '16 18 27w 36w 46w 56w', '16 18 28w 36w 46w 56w'];

    private const LAP_STEEL = ['13 15 18 24w 30w 36w', '14 17 20 24w 30w 36w', '15 18 22 24w 30w 36w', '15 18 22 24w 30w 38w'];

    private const TENOR_GUITAR = ['9 13 21w 30w', '10 14 22w 32w', '10 14 23w 32w', '11 16 24w 36w', '12 18 28w 42w'];

    private const MANDOLIN = ['9 9 13 13 22w 22w 32w 32w', '10 10 14 14 24w 24w 34w 34w', '10 10 14 14 24w 24w 38w 38w', '11 11 15 15 26w 26w 40w 40w', '11.5 11.5 16 16 27w 27w 41w 41w'];

    private const OCTAVE_MANDOLIN = ['11 11 18 18 28w 28w 42w 42w', '12 12 20 20 32w 32w 46w 46w', '13 13 22 22 34w 34w 50w 50w'];

    private const BANJO = ['9 10 13 20w 9', '10 11 13 20w 10', '10 12 14 22w 10', '10 12 16 24w 10', '9 13 21w 30w'];

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
            Kind::ResonatorGuitar => [...self::RESONATOR, ...self::BRONZE],
            Kind::LapSteel => [...self::LAP_STEEL, ...self::STEEL],
            Kind::TenorGuitar => self::TENOR_GUITAR,
            Kind::Mandolin => self::MANDOLIN,
            Kind::OctaveMandolin => self::OCTAVE_MANDOLIN,
            Kind::Banjo => self::BANJO,
            Kind::Bass, Kind::AcousticBass => self::BASS,
            Kind::ClassicalGuitar, Kind::Ukulele, Kind::ElastomerBass => [],
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
        $usual = Custom::of($kind)->strings;

        return array_map(static fn (string $gauge): StringSpec => new StringSpec(StringType::of(
            str_ends_with($gauge, 'w') ? Construction::RoundWound : Construction::Plain,
            str_ends_with($gauge, 'w') ? $usual->wound : $usual->plain,
            str_ends_with($gauge, 'mm') ? Length::millimetres((float) $gauge) : Length::thousandths((float) rtrim($gauge, 'w')),
        )), $gauges);
    }

    /** How far the next set may lie, a string in the mean, as a logarithm of the gauge: farther ones are no step. */
    private const STEP = 0.1;

    /**
     * The next lighter or heavier set that players know: every string so or as it is, the outer ones so, each made as it is.
     *
     * @param  list<StringSpec>  $present  string 1 first
     * @return list<StringSpec>|null null where none is near
     */
    public static function next(Kind $kind, array $present, bool $heavier): ?array
    {
        [$best, $least] = [null, self::STEP];
        $count = count($present);
        foreach (self::for($kind, $count) as $known) {
            $steps = array_map(
                static fn (StringSpec $a, StringSpec $b): float => ($heavier ? 1 : -1) * log($b->type->gauge->inMetres() / $a->type->gauge->inMetres()),
                $present,
                $known,
            );
            $alike = array_filter(array_keys($present), static fn (int $index): bool => $present[$index]->type->isOfFamilyOf($known[$index]->type));
            $mean = array_sum($steps) / max(1, $count);
            if ($steps !== [] && count($alike) === $count && min($steps) >= 0 && min($steps[0], $steps[$count - 1]) > 0 && $mean <= $least) {
                [$best, $least] = [$known, $mean];
            }
        }

        return $best;
    }
}
