<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Catalogue\Words;
use Lira\Feel\PluckedTone;
use Lira\Kind\Kind;
use Lira\Kind\StringEnd;
use Lira\Kind\UsualSets;
use Lira\Material\Material;
use Lira\Solver\KnownSets;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the core calls things, what lists call them, and what is usual, row by row. */
final class WordTablesTest extends CoreTestCase
{
    public function test_everything_there_is_to_choose_from_has_a_name_of_its_own(): void
    {
        $enums = 0;
        foreach ([...(array) glob(__DIR__.'/../../core/*/*.php'), ...(array) glob(__DIR__.'/../../core/*/*/*.php')] as $file) {
            $enum = 'Lira\\'.str_replace('/', '\\', substr((string) $file, strlen(__DIR__.'/../../core/'), -4));
            if (! enum_exists($enum) || ! method_exists($enum, 'label')) {
                continue;
            }
            $labels = array_map(static fn (\UnitEnum $case): string => self::labelOf($case), $enum::cases());
            self::assertNotContains('', $labels, $enum);
            self::assertSame($labels, array_unique($labels), $enum);
            $enums++;
        }
        self::assertGreaterThan(10, $enums);
    }

    private static function labelOf(\UnitEnum $case): string
    {
        $label = method_exists($case, 'label') ? $case->label() : '';

        return is_string($label) ? $label : '';
    }

    #[DataProvider('words')]
    public function test_how_lists_word_things(Construction|Material|StringEnd $meant, string $words): void
    {
        foreach (explode(', ', $words) as $each) {
            self::assertSame($meant, match (true) {
                $meant instanceof Construction => Words::construction($each),
                $meant instanceof Material => Words::material($each),
                default => Words::end($each),
            }, $each);
        }
    }

    /** @return iterable<string, array{Construction|Material|StringEnd, string}> */
    public static function words(): iterable
    {
        yield 'half-round' => [Construction::HalfRound, 'half round, ground wound, semi flat'];
        yield 'flatwound' => [Construction::Flatwound, 'flat, flat wound, ribbon wound'];
        yield 'tape-wound' => [Construction::TapeWound, 'tape, tape wound'];
        yield 'plain' => [Construction::Plain, 'plain, solid, mono, treble'];
        yield 'round-wound' => [Construction::RoundWound, 'wound, round, wrapped, basses'];
        yield 'nylon tape' => [Material::NylonTape, 'nylon tape, black nylon tape'];
        yield 'multifilament' => [Material::NylonMultifilament, 'multifilament, nylon multifilament, floss'];
        yield 'nickel-plated steel' => [Material::NickelPlatedSteel, 'nickel plated, nickel plated steel, plated steel, nickel'];
        yield 'pure nickel' => [Material::PureNickel, 'pure nickel'];
        yield 'stainless' => [Material::StainlessSteel, 'stainless, stainless steel'];
        yield 'phosphor' => [Material::PhosphorBronze, 'phosphor, phosphor bronze'];
        yield '80/20' => [Material::Bronze8020, '80 20, bronze, 80 20 bronze'];
        yield 'silver' => [Material::SilverPlatedCopper, 'silver, silver plated copper, copper'];
        yield 'fluorocarbon' => [Material::Fluorocarbon, 'fluoro, carbon'];
        yield 'gut' => [Material::SyntheticGut, 'gut, synthetic gut'];
        yield 'polyurethane' => [Material::Polyurethane, 'polyurethane, elastomer'];
        yield 'nylon' => [Material::Nylon, 'nylon, clear nylon'];
        yield 'music wire' => [Material::MusicWire, 'music wire, plain steel, steel, tinned'];
        yield 'a ball' => [StringEnd::Ball, 'ball, ball end'];
        yield 'a loop' => [StringEnd::Loop, 'loop, loop end'];
        yield 'bare' => [StringEnd::Bare, 'bare, tie, tie end, plain end, none'];
    }

    /** @param  string  $gauges  thousandths of an inch, string 1 first; those of wound strings are marked */
    #[DataProvider('sets')]
    public function test_what_most_people_put_on(Kind $kind, Material $plain, Material $wound, string $pitches, string $gauges): void
    {
        $specs = KnownSets::specs($kind, UsualSets::of($kind, explode(' ', $pitches)));

        self::assertSame($gauges, implode(' ', array_map(
            static fn (StringSpec $spec): string => round($spec->type->gauge->inThousandths(), 2).($spec->type->construction->isWound() ? 'w' : ''),
            $specs,
        )));
        foreach ($specs as $spec) {
            self::assertSame($spec->type->construction->isWound() ? $wound : $plain, $spec->type->material);
        }
    }

    /** @return iterable<string, array{Kind, Material, Material, string, string}> */
    public static function sets(): iterable
    {
        $steel = [Material::MusicWire, Material::NickelPlatedSteel];
        $bronze = [Material::MusicWire, Material::PhosphorBronze];
        yield 'electric, 6' => [Kind::ElectricGuitar, ...$steel, 'E4 B3 G3 D3 A2 E2', '10 13 17 26w 36w 46w'];
        yield 'other, 6' => [Kind::Other, ...$steel, 'E4 B3 G3 D3 A2 E2', '10 13 17 26w 36w 46w'];
        yield 'electric, 7' => [Kind::ElectricGuitar, ...$steel, 'E4 B3 G3 D3 A2 E2 B1', '10 13 17 26w 36w 46w 59w'];
        yield 'electric, 8' => [Kind::ElectricGuitar, ...$steel, 'E4 B3 G3 D3 A2 E2 B1 F#1', '10 13 17 26w 36w 46w 59w 74w'];
        yield 'electric, 12' => [Kind::ElectricGuitar, ...$steel, 'E4 E4 B3 B3 G4 G3 D4 D3 A3 A2 E3 E2', '10 10 13 13 8 17 12 26w 16 36w 24w 46w'];
        yield 'acoustic, 6' => [Kind::AcousticGuitar, ...$bronze, 'E4 B3 G3 D3 A2 E2', '12 16 24w 32w 42w 53w'];
        yield 'acoustic, 8' => [Kind::AcousticGuitar, ...$bronze, 'E4 B3 G3 D3 A2 E2 B1 F#1', '12 16 24w 32w 42w 53w 68w 76w'];
        yield 'acoustic, 7' => [Kind::AcousticGuitar, ...$bronze, 'E4 B3 G3 D3 A2 E2 B1', '12 16 24w 32w 42w 53w 68w'];
        yield 'acoustic, 12' => [Kind::AcousticGuitar, ...$bronze, 'E4 E4 B3 B3 G4 G3 D4 D3 A3 A2 E3 E2', '10 10 14 14 8 23w 12 30w 17 39w 27w 47w'];
        yield 'classical' => [Kind::ClassicalGuitar, Material::Nylon, Material::SilverPlatedCopper, 'E4 B3 G3 D3 A2 E2', '28 32 40 29w 35w 43w'];
        yield 'bass, 4' => [Kind::Bass, ...$steel, 'G2 D2 A1 E1', '45w 65w 85w 105w'];
        yield 'bass, the upper 3' => [Kind::Bass, ...$steel, 'G2 D2 A1', '45w 65w 85w'];
        yield 'bass, 5' => [Kind::Bass, ...$steel, 'G2 D2 A1 E1 B0', '45w 65w 85w 105w 130w'];
        yield 'bass, 6' => [Kind::Bass, ...$steel, 'C3 G2 D2 A1 E1 B0', '30w 45w 65w 85w 105w 130w'];
        yield 'acoustic bass' => [Kind::AcousticBass, ...$bronze, 'G2 D2 A1 E1', '45w 65w 80w 100w'];
        yield 'banjo, 5' => [Kind::Banjo, ...$steel, 'D4 B3 G3 D3 G4', '10 11 13 20w 10'];
        yield 'banjo, 4' => [Kind::Banjo, ...$steel, 'D4 B3 G3 C3', '10 12 15 24w'];
        yield 'ukulele' => [Kind::Ukulele, Material::Fluorocarbon, Material::SilverPlatedCopper, 'A4 E4 C4 G4', '20 25 31 22'];
        yield 'ukulele, 6' => [Kind::Ukulele, Material::Fluorocarbon, Material::SilverPlatedCopper, 'A4 E4 C4 G3 D3 A2', '20 25 31 26w 31w 38w'];
    }

    /** Above how many hertz a surface dulls, and how long its lowest partial rings: both read off two partials. */
    #[DataProvider('tones')]
    public function test_what_a_surface_sounds_like(Material $surface, bool $wound, float $dulledHz, float $seconds): void
    {
        $partials = PluckedTone::partials(110.0, 0.0, 0.2, $surface, $wound);
        $bare = static fn (int $k): float => abs(sin($k * M_PI * 0.2)) / $k;
        $heard = static fn (int $k): float => $partials[$k - 1]['amplitude'] / $bare($k);

        self::assertClose($seconds, $partials[0]['decay_s'] * (1 + 110 / $dulledHz), 1e-9);
        self::assertClose(self::tilt($dulledHz), $heard(9) / $heard(1), 1e-9);
    }

    private static function tilt(float $dulledHz): float
    {
        return (1 + (110 / $dulledHz) ** 2) / (1 + (990 / $dulledHz) ** 2);
    }

    /** @return iterable<string, array{Material, bool, float, float}> */
    public static function tones(): iterable
    {
        yield 'nylon' => [Material::Nylon, false, 1400, 0.9];
        yield 'floss' => [Material::NylonMultifilament, false, 1400, 0.9];
        yield 'gut' => [Material::SyntheticGut, false, 1400, 0.9];
        yield 'fluorocarbon' => [Material::Fluorocarbon, false, 1900, 0.9];
        yield 'silver' => [Material::SilverPlatedCopper, true, 1800, 1.3];
        yield 'tape' => [Material::NylonTape, true, 900, 0.8];
        yield 'polyurethane' => [Material::Polyurethane, false, 900, 0.8];
        yield 'pure nickel' => [Material::PureNickel, true, 2200, 2.0];
        yield 'phosphor' => [Material::PhosphorBronze, true, 3000, 2.0];
        yield '80/20' => [Material::Bronze8020, true, 3600, 1.9];
        yield 'stainless' => [Material::StainlessSteel, true, 3600, 2.2];
        yield 'nickel-plated' => [Material::NickelPlatedSteel, true, 2800, 2.2];
        yield 'plain' => [Material::MusicWire, false, 3400, 1.7];
    }
}
