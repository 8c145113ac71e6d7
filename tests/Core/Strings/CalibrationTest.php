<?php

declare(strict_types=1);

namespace Tests\Core\Strings;

use Lira\Design\SetDesign;
use Lira\Evaluation\CoreFigures;
use Lira\Evaluation\SetEvaluator;
use Lira\Fit\SaddleSetback;
use Lira\Instrument\Instrument;
use Lira\Instrument\Setup;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Limit\Limits;
use Lira\Material\Material;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\Core;
use Lira\Strings\CoreShape;
use Lira\Strings\CoreTable;
use Lira\Strings\Measurements;
use Lira\Strings\Sample;
use Lira\Strings\StringBuild;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/**
 * Whether what is stated holds as often as it says: strings are made as a factory makes them, a little off, and weighed; 93 to 98 in
 * 100 must lie inside their bounds, at every gauge. Wire is drawn with a standard deviation of 0.1 thousandths, wound gauges come out
 * with 0.2, and a family of wound strings is off as a whole by 2.5 %, of plain polymers by 4 %, on floss by 4.3 %.
 */
final class CalibrationTest extends CoreTestCase
{
    private const DRAWS = 1000;

    private const THOUSANDTH_M = 25.4e-6;

    #[DataProvider('gauges')]
    public function test_a_string_weighs_what_it_is_said_to(Construction $construction, Material $material, float $gauge): void
    {
        $random = new Randomizer(new Mt19937((int) (1000 * $gauge) + strlen($material->value)));
        $spec = self::spec($construction, $material, $gauge);
        $said = BuiltString::of($spec, Kind::ElectricGuitar)->density;
        $inside = 0;
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $made = self::made($spec, self::familyOff($spec, $random), $random);
            $inside += $made >= $said->lowKgPerM() && $made <= $said->highKgPerM() ? 1 : 0;
        }

        self::assertCovered($inside);
    }

    /** @return iterable<string, array{Construction, Material, float}> */
    public static function gauges(): iterable
    {
        foreach ([
            [Construction::Plain, Material::MusicWire, [7, 9, 10.5, 13, 17, 26]],
            [Construction::RoundWound, Material::NickelPlatedSteel, [18, 24, 32, 46, 60, 80]],
            [Construction::RoundWound, Material::PhosphorBronze, [20, 56]],
            [Construction::HalfRound, Material::StainlessSteel, [24, 52]],
            [Construction::Flatwound, Material::StainlessSteel, [24, 52]],
            [Construction::Plain, Material::Nylon, [22, 40]],
            [Construction::Plain, Material::Fluorocarbon, [25]],
            [Construction::RoundWound, Material::SilverPlatedCopper, [24, 29, 35, 43, 56]],
        ] as [$construction, $material, $gauges]) {
            foreach ($gauges as $gauge) {
                yield "{$construction->value} {$material->value} {$gauge}" => [$construction, $material, $gauge];
            }
        }
    }

    /** @param  non-empty-list<array{Construction, Material, float}>  $strings */
    #[DataProvider('sets')]
    public function test_a_set_pulls_what_it_is_said_to(array $strings): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        $specs = array_map(static fn (array $one): StringSpec => self::spec($one[0], $one[1], $one[2]), $strings);
        $built = array_map(static fn (StringSpec $spec): BuiltString => BuiltString::of($spec, Kind::ElectricGuitar), $specs);
        $pitches = array_map(Pitch::named(...), array_slice(['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], 0, count($built)));
        $total = SetEvaluator::evaluate(new SetDesign(
            'drawn',
            new Instrument('drawn', Kind::ElectricGuitar, Scale::single(Length::millimetres(648))),
            [new Tuning('E standard', ReferencePitch::concert(), $pitches === [] ? [Pitch::named('E4')] : $pitches)],
            $built,
        ), Limits::usual())->totals[0];
        $inside = 0;
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $sumN = 0.0;
            $families = [];
            foreach ($specs as $index => $spec) {
                $families[$spec->type->family()] ??= self::familyOff($spec, $random);
                $made = self::made($spec, $families[$spec->type->family()], $random) / $built[$index]->density->kgPerM;
                $sumN += $built[$index]->tension->heavierByN($made - 1, 0.648, $pitches[$index]->frequencyHz(ReferencePitch::concert()));
            }
            $inside += $sumN >= $total->lowN && $sumN <= $total->highN ? 1 : 0;
        }

        self::assertCovered($inside);
    }

    /** @return iterable<string, array{non-empty-list<array{Construction, Material, float}>}> */
    public static function sets(): iterable
    {
        $plain = static fn (float ...$gauges): array => array_map(
            static fn (float $gauge): array => [Construction::Plain, Material::MusicWire, $gauge],
            array_values($gauges),
        );
        $wound = static fn (Material $material, float ...$gauges): array => array_map(
            static fn (float $gauge): array => [Construction::RoundWound, $material, $gauge],
            array_values($gauges),
        );
        yield 'three plain and three wound' => [[[Construction::Plain, Material::MusicWire, 10], ...$plain(13, 17), ...$wound(Material::NickelPlatedSteel, 26, 36, 46)]];
        yield 'all plain' => [[[Construction::Plain, Material::MusicWire, 8], ...$plain(8, 9, 10, 11, 12)]];
        yield 'all wound' => [[[Construction::RoundWound, Material::PhosphorBronze, 22], ...$wound(Material::PhosphorBronze, 24, 28, 32, 42, 54)]];
        yield 'two wraps' => [[
            [Construction::Plain, Material::MusicWire, 11],
            [Construction::Plain, Material::MusicWire, 14],
            ...$wound(Material::NickelPlatedSteel, 20, 28),
            ...$wound(Material::PureNickel, 38, 50),
        ]];
        yield 'nylon' => [[
            [Construction::Plain, Material::Nylon, 28],
            [Construction::Plain, Material::Nylon, 32],
            [Construction::Plain, Material::Nylon, 40],
            ...$wound(Material::SilverPlatedCopper, 29, 35, 43),
        ]];
    }

    /**
     * Where a saddle plays in tune: the ends of a string give a share of what clamped ones would, the core is of some size, and floss as
     * stiff as it is, each about its estimate and within its ends 95 times in 100. Where only the ends are unsure that is what comes of it;
     * with the core unsure too the ends of both stand together, which is a little careful.
     */
    #[DataProvider('gauges')]
    public function test_a_saddle_stands_where_it_is_foretold_to(Construction $construction, Material $material, float $gauge): void
    {
        $random = new Randomizer(new Mt19937((int) (100 * $gauge) + strlen($material->value)));
        $string = BuiltString::of(new StringSpec(StringType::of($construction, $material, Length::thousandths($gauge))), Kind::ElectricGuitar);
        $core = $string->build->core ?? throw new \LogicException('No core');
        $setup = Setup::usualFor(Kind::ElectricGuitar);
        $said = CoreFigures::of($string, $string->tension->frequencyHz(70.0, 0.648), 0.648, 0.648, $setup)->setbackM ?? throw new \LogicException('No core');
        [$inside, $guessed] = [0, count($string->possible()) > 1];
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $drawn = self::drawnCore($core, $construction, $random);
            $ends = SaddleSetback::predicted($drawn, 70.0, 0.648, $setup->action12M, $setup->nutHeightM);
            $at = $ends->low + (0.5 + 0.5 / 1.96 * self::normal($random)) * ($ends->high - $ends->low);
            $inside += $at >= $said->low && $at <= $said->high ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.93 * self::DRAWS, $inside);
        self::assertLessThanOrEqual(($guessed ? 0.995 : 0.98) * self::DRAWS, $inside);
    }

    private static function drawnCore(Core $core, Construction $construction, Randomizer $random): Core
    {
        [$middle, $half, $softer] = match (true) {
            ! $construction->isWound() => [1.0, 0.0, 0.0],
            $core->shape === CoreShape::Multifilament => [1.0, 0.05, 1 / 3],
            default => [1.005, 0.075, 0.0],
        };
        $size = $core->size->inMetres() * ($middle + $half / 1.96 * self::normal($random));

        return Core::of($core->shape, $core->material, Length::metres($size))->stifferBy(1 + $softer / 1.96 * self::normal($random));
    }

    /** @param  list<float>  $weighed */
    #[DataProvider('weighed')]
    public function test_a_neighbour_of_weighed_strings_weighs_what_it_is_then_said_to(array $weighed, float $gauge): void
    {
        $random = new Randomizer(new Mt19937(20260214));
        $spec = self::spec(Construction::RoundWound, Material::NickelPlatedSteel, $gauge);
        [$inside, $widths] = [0, 0.0];
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $off = self::familyOff($spec, $random);
            $samples = array_map(static function (float $one) use ($off, $random): Sample {
                $sample = self::spec(Construction::RoundWound, Material::NickelPlatedSteel, $one);

                return Sample::weighed($sample, self::made($sample, $off, $random), 1.0, 1e-5, 0.001);
            }, $weighed);
            $said = BuiltString::of($spec, Kind::ElectricGuitar, Measurements::of($samples, Kind::ElectricGuitar))->density;
            $made = self::made($spec, $off, $random);
            $inside += $made >= $said->lowKgPerM() && $made <= $said->highKgPerM() ? 1 : 0;
            $widths += $said->tolerance->share();
        }

        // The line may bend with the gauge, which these strings do not: it may only be too careful.
        self::assertGreaterThanOrEqual(930, $inside);
        self::assertLessThan(0.05, $widths / self::DRAWS);
    }

    /** @return iterable<string, array{list<float>, float}> */
    public static function weighed(): iterable
    {
        yield 'one' => [[46], 36];
        yield 'two' => [[46, 36], 42];
        yield 'a set' => [[26, 36, 46, 52], 42];
    }

    private static function assertCovered(int $inside): void
    {
        self::assertGreaterThanOrEqual(0.93 * self::DRAWS, $inside);
        self::assertLessThanOrEqual(0.98 * self::DRAWS, $inside);
    }

    /** A string whose core is known, so that nothing but making it is unsure; on floss it is looked up. */
    private static function spec(Construction $construction, Material $material, float $gauge): StringSpec
    {
        $type = StringType::of($construction, $material, Length::thousandths($gauge));

        return $construction->isWound() && $material !== Material::SilverPlatedCopper
            ? new StringSpec($type, CoreTable::guitar()->coreFor($type->gauge))
            : new StringSpec($type);
    }

    private static function familyOff(StringSpec $spec, Randomizer $random): float
    {
        return self::normal($random) * match (true) {
            $spec->type->material === Material::SilverPlatedCopper => 0.043,
            $spec->type->construction->isWound() => 0.025,
            $spec->type->material === Material::MusicWire => 0.0,
            default => 0.04,
        };
    }

    /** One string as it comes out of the factory, kg/m. */
    private static function made(StringSpec $spec, float $familyOff, Randomizer $random): float
    {
        $gaugeM = $spec->type->gauge->inMetres();
        if (! $spec->type->construction->isWound()) {
            $steel = $spec->type->material === Material::MusicWire;
            $drawnM = $gaugeM + ($steel ? 0.1 * self::THOUSANDTH_M * self::normal($random) : 0.0);
            $denser = $steel ? 0.0015 * self::normal($random) : $familyOff;

            return $spec->type->material->properties()->densityKgPerM3 * (1 + $denser) * M_PI * $drawnM ** 2 / 4;
        }
        $core = $spec->core ?? Core::of(
            CoreShape::Multifilament,
            Material::NylonMultifilament,
            Length::metres(CoreTable::nylon()->coreFor($spec->type->gauge)->size->inMetres() * (0.95 + 0.10 * self::uniform($random))),
        );
        $woundM = $gaugeM + 0.2 * self::THOUSANDTH_M * self::normal($random);
        $type = StringType::of($spec->type->construction, $spec->type->material, Length::metres($woundM));

        return (1 + $familyOff) * StringBuild::of(new StringSpec($type, $core), Kind::ElectricGuitar)->kgPerM();
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log(1 - self::uniform($random))) * cos(2 * M_PI * self::uniform($random));
    }

    private static function uniform(Randomizer $random): float
    {
        return $random->getInt(0, 999_999_999) / 1e9;
    }
}
