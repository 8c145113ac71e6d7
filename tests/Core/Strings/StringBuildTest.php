<?php

declare(strict_types=1);

namespace Tests\Core\Strings;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\Core;
use Lira\Strings\CoreShape;
use Lira\Strings\CoreTable;
use Lira\Strings\GroundWrap;
use Lira\Strings\RibbonWrap;
use Lira\Strings\RoundWrap;
use Lira\Strings\StringBuild;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Core\CoreTestCase;
use Tests\Core\Reference;

final class StringBuildTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $case */
    #[DataProviderExternal(Reference::class, 'strings')]
    public function test_density_and_stiffness_are_the_worked_ones(array $case): void
    {
        $build = StringBuild::of(Reference::spec($case), Kind::Other);

        self::assertClose(Reference::number($case, 'mu0_kg_per_m'), $build->kgPerM());
        self::assertClose(Reference::number($case, 'outer_diameter_m'), $build->outerDiameterM);
        self::assertNotNull($build->core);
        self::assertClose(Reference::number($case, 'ea_n'), $build->core->strungStiffnessN());
        self::assertClose(Reference::number($case, 'ei_nm2'), $build->core->bendingStiffnessNm2());
    }

    #[DataProvider('tableCores')]
    public function test_cores_come_from_the_table(Kind $kind, Material $wrap, float $gauge, float $core): void
    {
        $found = CoreTable::for($kind, $wrap)->coreFor(Length::thousandths($gauge));

        self::assertClose($core, $found->size->inThousandths(), 1e-12);
        self::assertSame($wrap === Material::SilverPlatedCopper ? CoreShape::Multifilament : CoreShape::Hex, $found->shape);
    }

    /** @return iterable<string, array{Kind, Material, float, float}> */
    public static function tableCores(): iterable
    {
        $steel = Material::NickelPlatedSteel;
        yield 'guitar, a row' => [Kind::ElectricGuitar, $steel, 46.0, 18.0];
        yield 'guitar, the first row' => [Kind::ElectricGuitar, $steel, 18.0, 11.0];
        yield 'guitar, between rows' => [Kind::AcousticGuitar, Material::PhosphorBronze, 42.0, 17.25];
        yield 'guitar, nearer the upper row' => [Kind::ElectricGuitar, $steel, 39.0, 16.875];
        yield 'guitar, below the table' => [Kind::ElectricGuitar, $steel, 15.0, 11.0];
        yield 'guitar, above the table' => [Kind::ElectricGuitar, $steel, 95.0, 22.0];
        yield 'bass' => [Kind::Bass, $steel, 105.0, 28.0];
        yield 'bass, between rows' => [Kind::AcousticBass, $steel, 95.0, 26.5];
        yield 'nylon' => [Kind::ClassicalGuitar, Material::SilverPlatedCopper, 29.0, 17.0];
        yield 'nylon, even on a bass' => [Kind::Bass, Material::SilverPlatedCopper, 43.0, 19.5];
    }

    public function test_round_wrap_fills_what_the_core_leaves(): void
    {
        $build = self::built(Construction::RoundWound, Material::NickelPlatedSteel, 46);

        self::assertCount(1, $build->wraps);
        // The first wrap beds on the core's corners: it lies on 0.933 of them.
        self::assertClose((46 - 0.933 * 18) / 2 * 25.4e-6, $build->wraps[0]->thicknessM(), 1e-12);
        self::assertClose(46e-3 * 0.0254, $build->outerDiameterM, 1e-12);
    }

    public function test_bass_strings_have_two_layers_from_gauge_70_and_guitar_strings_never(): void
    {
        $heavy = self::built(Construction::RoundWound, Material::StainlessSteel, 105, Kind::Bass);
        $wall = (105 - 0.933 * 28) / 2 * 25.4e-6;

        self::assertCount(2, $heavy->wraps);
        self::assertClose(0.4 * $wall, $heavy->wraps[0]->thicknessM(), 1e-12);
        self::assertClose(0.6 * $wall, $heavy->wraps[1]->thicknessM(), 1e-12);
        self::assertCount(2, self::built(Construction::RoundWound, Material::StainlessSteel, 70, Kind::Bass)->wraps);
        self::assertCount(1, self::built(Construction::RoundWound, Material::StainlessSteel, 69.5, Kind::Bass)->wraps);
        self::assertCount(1, self::built(Construction::RoundWound, Material::NickelPlatedSteel, 74)->wraps);
    }

    public function test_a_flatwound_string_has_a_thicker_core_and_at_most_ten_thousandths_of_ribbon(): void
    {
        $heavy = self::built(Construction::Flatwound, Material::StainlessSteel, 52);
        self::assertNotNull($heavy->core);
        self::assertClose(21.0, $heavy->core->size->inThousandths(), 1e-9);
        self::assertSame(CoreShape::Round, $heavy->core->shape);
        self::assertCount(2, $heavy->wraps);
        self::assertClose(5.5e-3 * 0.0254, $heavy->wraps[0]->thicknessM(), 1e-9);
        self::assertClose(10e-3 * 0.0254, $heavy->wraps[1]->thicknessM(), 1e-9);
        self::assertClose(52e-3 * 0.0254, $heavy->outerDiameterM, 1e-12);

        $light = self::built(Construction::Flatwound, Material::StainlessSteel, 24);
        self::assertCount(1, $light->wraps);
        self::assertClose((24 - 15.5) / 2 * 25.4e-6, $light->wraps[0]->thicknessM(), 1e-9);
    }

    /** Between a ribbon alone and one over a wire there is none too thin to be wound: the ribbon takes its place. */
    public function test_no_wire_under_a_ribbon_is_thinner_than_two_and_a_half(): void
    {
        foreach (range(36, 60) as $gauge) {
            $build = self::built(Construction::Flatwound, Material::PureNickel, $gauge);
            $wall = ($gauge - (float) $build->core?->size->inThousandths()) / 2;
            self::assertClose($gauge * 25.4e-6, $build->outerDiameterM, 1e-12);
            self::assertCount($wall >= 12.5 ? 2 : 1, $build->wraps, (string) $gauge);
            self::assertGreaterThanOrEqual(2.5 * 25.4e-6, $build->wraps[0]->thicknessM());
        }
    }

    public function test_a_wrap_beds_on_a_hexagon_by_how_hard_it_is(): void
    {
        $hex = Core::of(CoreShape::Hex, Material::MusicWire, Length::millimetres(0.4));
        $round = Core::of(CoreShape::Round, Material::MusicWire, Length::millimetres(0.4));
        foreach ([Material::NickelPlatedSteel, Material::StainlessSteel] as $steel) {
            self::assertClose(0.933 * 0.4e-3, $hex->innerDiameterM($steel), 1e-12);
        }
        foreach ([Material::PureNickel, Material::PhosphorBronze, Material::Bronze8020, Material::SilverPlatedCopper] as $softer) {
            self::assertClose(0.866 * 0.4e-3, $hex->innerDiameterM($softer), 1e-12);
            self::assertClose(0.4e-3, $round->innerDiameterM($softer), 1e-12);
        }
    }

    /** What a scale shows: of the circle of its gauge a wound string fills 0.79 to 0.88, by the density of its wrap. */
    public function test_wound_strings_fill_their_gauge_as_strings_do(): void
    {
        foreach ([
            [Kind::ElectricGuitar, Material::NickelPlatedSteel, [...range(17, 80)]],
            [Kind::AcousticGuitar, Material::PhosphorBronze, [...range(18, 64)]],
            [Kind::Bass, Material::StainlessSteel, [...range(30, 145)]],
        ] as [$kind, $wrap, $gauges]) {
            foreach ($gauges as $gauge) {
                $build = self::built(Construction::RoundWound, $wrap, $gauge, $kind);
                $fills = $build->kgPerM() / ($wrap->properties()->densityKgPerM3 * M_PI * $build->outerDiameterM ** 2 / 4);
                self::assertGreaterThan(0.79, $fills, "{$wrap->value} {$gauge}");
                self::assertLessThan(0.88, $fills, "{$wrap->value} {$gauge}");
            }
        }
    }

    public function test_tape_goes_over_steel(): void
    {
        $tape = self::built(Construction::TapeWound, Material::NylonTape, 105, Kind::Bass);

        self::assertSame(Material::NickelPlatedSteel, $tape->wraps[0]->material());
        self::assertSame(Material::NylonTape, $tape->wraps[1]->material());
        self::assertLessThan(self::built(Construction::Flatwound, Material::StainlessSteel, 105, Kind::Bass)->kgPerM(), $tape->kgPerM());
    }

    #[DataProvider('halfRounds')]
    public function test_a_half_round_string_ends_at_its_gauge_with_a_quarter_of_the_wire_gone(float $gauge, Kind $kind): void
    {
        $build = self::built(Construction::HalfRound, Material::NickelPlatedSteel, $gauge, $kind);
        $table = CoreTable::for($kind, Material::NickelPlatedSteel);
        $last = $build->wraps[count($build->wraps) - 1];
        self::assertInstanceOf(GroundWrap::class, $last);

        self::assertClose($gauge * 25.4e-6, $build->outerDiameterM, 1e-9);
        self::assertNotNull($build->core);
        self::assertClose($table->coreFor(Length::thousandths($gauge))->size->inMetres(), $build->core->size->inMetres(), 1e-9);
        self::assertCount($gauge >= 70 && $kind === Kind::Bass ? 2 : 1, $build->wraps);
    }

    /** @return iterable<array{float, Kind}> */
    public static function halfRounds(): iterable
    {
        yield [24.0, Kind::ElectricGuitar];
        yield [46.0, Kind::ElectricGuitar];
        yield [45.0, Kind::Bass];
        yield [105.0, Kind::Bass];
    }

    public function test_grinding_half_the_wire_off_leaves_the_half_circle(): void
    {
        $wire = Length::millimetres(0.4);
        $inner = 0.5e-3;
        $whole = RoundWrap::of(Material::PureNickel, $wire)->kgPerM($inner);
        $half = GroundWrap::of(Material::PureNickel, $wire, Length::millimetres(0.2));
        // The removed half circle lies further out, on a turn of diameter 0.5 + 0.8 − 0.2 mm.
        $removed = 8900 * M_PI * 0.4e-3 ** 2 / 8 * hypot(M_PI * 1.1e-3, 0.4e-3) / 0.4e-3;

        self::assertClose($whole - $removed, $half->kgPerM($inner), 1e-12);
        self::assertClose(0.2e-3, $half->thicknessM(), 1e-12);
    }

    public function test_a_wider_pitch_is_lighter(): void
    {
        $close = RoundWrap::of(Material::PureNickel, Length::millimetres(0.3));
        $open = RoundWrap::of(Material::PureNickel, Length::millimetres(0.3), Length::millimetres(0.6));

        self::assertClose(
            8900 * M_PI * 0.3e-3 ** 2 / 4 * hypot(M_PI * 0.8e-3, 0.6e-3) / 0.6e-3,
            $open->kgPerM(0.5e-3),
            1e-12,
        );
        self::assertLessThan($close->kgPerM(0.5e-3), $open->kgPerM(0.5e-3));
    }

    public function test_a_core_or_wraps_alone_are_completed_to_the_gauge(): void
    {
        $core = Core::of(CoreShape::Round, Material::MusicWire, Length::thousandths(20));
        $withCore = StringBuild::of(
            new StringSpec(StringType::of(Construction::RoundWound, Material::PureNickel, Length::thousandths(46)), $core),
            Kind::ElectricGuitar,
        );
        self::assertSame($core, $withCore->core);
        self::assertClose(13e-3 * 0.0254, $withCore->wraps[0]->thicknessM(), 1e-9);

        $wrap = RoundWrap::of(Material::PureNickel, Length::thousandths(13));
        $withWraps = StringBuild::of(
            new StringSpec(StringType::of(Construction::RoundWound, Material::PureNickel, Length::thousandths(46)), null, [$wrap]),
            Kind::ElectricGuitar,
        );
        self::assertNotNull($withWraps->core);
        // Nickel lies on the flats of the hexagon: 20 across them.
        self::assertClose(20.0, 0.866 * $withWraps->core->size->inThousandths(), 1e-9);
        self::assertSame(CoreShape::Hex, $withWraps->core->shape);
    }

    /** @param  \Closure(): mixed  $make */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_made_is_refused(string $words, \Closure $make): void
    {
        self::assertRefused($words, $make);
    }

    /** @return iterable<string, array{string, \Closure(): mixed}> */
    public static function impossible(): iterable
    {
        $mil = Length::thousandths(...);
        $steel = Material::NickelPlatedSteel;
        $hex = static fn (float $size): Core => Core::of(CoreShape::Hex, Material::MusicWire, Length::thousandths($size));
        $build = static fn (StringSpec $spec): StringBuild => StringBuild::of($spec, Kind::ElectricGuitar);
        yield 'gauge of zero' => ['outside 0.05 to 6 mm', static fn () => StringSpec::plain(Material::MusicWire, $mil(0))];
        yield 'gauge of a rope' => [
            'outside 0.05 to 6 mm',
            static fn () => StringSpec::plain(Material::MusicWire, Length::millimetres(6.01)),
        ];
        yield 'thinner than its core' => [
            'leaves no room',
            static fn () => $build(StringSpec::wound(Construction::RoundWound, $steel, $mil(9))),
        ];
        yield 'as thin as its core' => [
            'leaves no room',
            static fn () => $build(StringSpec::wound(Construction::RoundWound, $steel, $mil(11))),
        ];
        yield 'core given as thick as the string' => [
            'leaves no room',
            static fn () => $build(new StringSpec(StringType::of(Construction::RoundWound, $steel, $mil(30)), $hex(30))),
        ];
        yield 'half-round, core given too thick' => [
            'leaves no room',
            static fn () => $build(new StringSpec(StringType::of(Construction::HalfRound, $steel, $mil(30)), $hex(31))),
        ];
        yield 'flatwound, core given too thick' => [
            'leaves no room',
            static fn () => $build(new StringSpec(StringType::of(Construction::Flatwound, $steel, $mil(30)), $hex(31))),
        ];
        yield 'layers beyond the gauge' => [
            'add up to',
            static fn () => $build(
                new StringSpec(StringType::of(Construction::RoundWound, $steel, $mil(40)), $hex(16), [RoundWrap::of($steel, $mil(16))]),
            ),
        ];
        yield 'layers short of the gauge' => [
            'add up to',
            static fn () => $build(
                new StringSpec(StringType::of(Construction::RoundWound, $steel, $mil(46)), $hex(10), [RoundWrap::of($steel, $mil(14))]),
            ),
        ];
        yield 'wraps as thick as the string' => [
            'wraps alone',
            static fn () => $build(
                new StringSpec(StringType::of(Construction::RoundWound, $steel, $mil(40)), null, [RoundWrap::of($steel, $mil(20))]),
            ),
        ];
        yield 'plain with a core' => [
            'plain string has no core',
            static fn () => new StringSpec(StringType::of(Construction::Plain, Material::MusicWire, $mil(12)), $hex(10)),
        ];
        yield 'plain bronze' => ['cannot carry the tension', static fn () => $build(StringSpec::plain(Material::PhosphorBronze, $mil(12)))];
        yield 'a nickel core' => ['cannot carry the tension', static fn () => Core::of(CoreShape::Round, Material::PureNickel, $mil(12))];
        yield 'a core of nothing' => ['more than zero', static fn () => Core::of(CoreShape::Round, Material::MusicWire, $mil(0))];
        yield 'wire of nothing' => ['more than zero', static fn () => RoundWrap::of($steel, $mil(0))];
        yield 'turns on top of each other' => ['smaller than its wire', static fn () => RoundWrap::of($steel, $mil(10), $mil(9.9))];
        yield 'ribbon of no thickness' => ['thickness must be more', static fn () => RibbonWrap::of($steel, $mil(0), $mil(30))];
        yield 'ribbon of no width' => ['width must be more', static fn () => RibbonWrap::of($steel, $mil(8), $mil(-1))];
        yield 'ground by nothing' => ['at most half its wire', static fn () => GroundWrap::of($steel, $mil(10), $mil(0))];
        yield 'ground past the middle' => ['at most half its wire', static fn () => GroundWrap::of($steel, $mil(10), $mil(5.1))];
    }

    public function test_the_ends_of_the_gauges_are_taken(): void
    {
        self::assertClose(
            6e-3,
            StringBuild::of(StringSpec::plain(Material::Nylon, Length::millimetres(6)), Kind::Other)->outerDiameterM,
            1e-12,
        );
        self::assertClose(
            0.05e-3,
            StringBuild::of(StringSpec::plain(Material::Nylon, Length::millimetres(0.05)), Kind::Other)->outerDiameterM,
            1e-12,
        );
    }

    public function test_labels_are_nominal_within_five_percent(): void
    {
        $steel = Material::NickelPlatedSteel;
        $core = Core::of(CoreShape::Hex, Material::MusicWire, Length::thousandths(16));
        $spec = new StringSpec(
            StringType::of(Construction::RoundWound, $steel, Length::thousandths(40)),
            $core,
            [RoundWrap::of($steel, Length::thousandths(12.9))],
        );

        self::assertClose((0.933 * 16 + 2 * 12.9) * 25.4e-6, StringBuild::of($spec, Kind::ElectricGuitar)->outerDiameterM, 1e-9);
    }

    private static function built(
        Construction $construction,
        Material $material,
        float $gauge,
        Kind $kind = Kind::ElectricGuitar,
    ): StringBuild {
        return StringBuild::of(StringSpec::wound($construction, $material, Length::thousandths($gauge)), $kind);
    }
}
