<?php

declare(strict_types=1);

namespace Tests\Core\Strings;

use Lira\Document\SetDocument;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\Correction;
use Lira\Strings\GivenDensity;
use Lira\Strings\Measurements;
use Lira\Strings\Sample;
use Lira\Strings\Source;
use Lira\Strings\State;
use Lira\Strings\StringBuild;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

final class SampleTest extends CoreTestCase
{
    public function test_weighing_gives_the_density_at_rest_and_how_sure_it_is(): void
    {
        $sample = Sample::weighed(self::wound(46), 0.00500, 0.8, 0.00001, 0.0005);

        self::assertClose(0.00625, $sample->restKgPerM, 1e-12);
        self::assertClose(hypot(0.00001 / 0.005, 0.0005 / 0.8), $sample->tolerance, 1e-12);
        self::assertSame(Source::Measured, $sample->density()->source);
        self::assertSame($sample->restKgPerM, $sample->density()->kgPerM);
    }

    public function test_a_pitch_under_a_load_gives_the_same_density_back(): void
    {
        // A 46 of 6.1 g/m: half a metre between clamps at 73.2 N. By hand: EA 28.47 kN, EI 2.54e-4, so 1.0076 of √(T/μ)/2L.
        $spec = self::wound(46);
        $core = StringBuild::of($spec, Kind::ElectricGuitar)->core ?? throw new \LogicException('It has a core');
        $load = 73.2;
        $flexible = sqrt($load * (1 + $load / $core->slackStiffnessN()) / 0.0061) / (2 * 0.5);
        $epsilon = sqrt($core->bendingStiffnessNm2() / $load) / 0.5;
        $heard = $flexible * (1 + 2 * $epsilon + (4 + M_PI ** 2 / 2) * $epsilon ** 2);
        $sample = Sample::sounded($spec, Kind::ElectricGuitar, $load, $heard, 0.5, 0.05, 0.1, 0.0005);

        self::assertClose(0.0061, $sample->restKgPerM, 1e-9);
        self::assertClose(sqrt((0.05 / $load) ** 2 + (0.2 / $heard) ** 2 + (0.001 / 0.5) ** 2), $sample->tolerance, 1e-12);
    }

    /** A plain 22 under 68 N sounds 1.2 % sharp of its tension: its density is not taken to be less for it. */
    public function test_a_stiff_string_is_not_taken_for_a_light_one(): void
    {
        $spec = StringSpec::plain(Material::MusicWire, Length::thousandths(22));
        $true = 7850 * M_PI * 0.0005588 ** 2 / 4;
        $heard = 1.0118 * sqrt(68.0 / $true) / (2 * 0.648);

        self::assertEqualsWithDelta(
            1.0,
            Sample::sounded($spec, Kind::Other, 68.0, $heard, 0.648, 0.0, 0.0, 0.0)->restKgPerM / $true,
            0.003,
        );
    }

    public function test_readings_below_what_the_instrument_can_tell_are_refused(): void
    {
        self::assertRefused('The mass must be', static fn () => Sample::weighed(self::wound(46), 0.0001, 0.8, 0.0001, 0.001));
        self::assertRefused('The mass must be', static fn () => Sample::weighed(self::wound(46), 0.0, 0.8, 0.0, 0.001));
        self::assertRefused('The length must be', static fn () => Sample::weighed(self::wound(46), 0.005, 0.001, 0.00001, 0.002));
        self::assertRefused(
            'The load must be',
            static fn () => Sample::sounded(self::wound(46), Kind::Other, -1.0, 110, 0.5, 0.1, 0.1, 0.001),
        );
        self::assertRefused(
            'The frequency must be',
            static fn () => Sample::sounded(self::wound(46), Kind::Other, 70, NAN, 0.5, 0.1, 0.1, 0.001),
        );
        self::assertRefused('between 0.00001 and 1', static fn () => Sample::weighed(self::wound(46), 5.0, 0.8, 0.01, 0.001));
    }

    /**
     * Worked apart: a ~ N(0, 0.025²) and s ~ N(0, 0.015²) beside one reading of ln 1.03 at log2(46/32), good to half of its own 0.2 % and
     * of the 0.02 mm that a gauge of 46 may be off.
     */
    public function test_one_sample_sharpens_its_neighbours_much_and_those_far_off_little(): void
    {
        $measurements = Measurements::of([self::sample(46, 1.03, 0.002)], Kind::ElectricGuitar);
        foreach ([[42, 1.0264168, 0.0164378], [36, 1.0253727, 0.0184102], [18, 1.0206912, 0.0407305]] as [$gauge, $factor, $uncertainty]) {
            $correction = $measurements->correctionOf(self::wound($gauge));
            self::assertSame(1, $correction?->samples);
            self::assertEqualsWithDelta($factor, $correction->factor, 1e-6);
            self::assertEqualsWithDelta($uncertainty, $correction->uncertainty, 1e-6);
        }
        $neighbour = BuiltString::of(self::wound(36), Kind::ElectricGuitar, $measurements);
        self::assertEqualsWithDelta(0.0184102, $neighbour->density->tolerance->common, 1e-6);
        self::assertEqualsWithDelta(0.02 / 0.9144, $neighbour->density->tolerance->own, 1e-6);
        self::assertEqualsWithDelta(1.0253727 * $neighbour->build->kgPerM(), $neighbour->density->kgPerM, 1e-8);
    }

    public function test_several_samples_bend_the_line_and_two_far_apart_sharpen_all_between(): void
    {
        $three = Measurements::of(
            [self::sample(46, 1.02, 0.001), self::sample(36, 1.04, 0.002), self::sample(26, 1.03, 0.002)],
            Kind::ElectricGuitar,
        );
        foreach ([[46.5, 1.0250680], [36.5, 1.0266149], [18, 1.0311557]] as [$gauge, $factor]) {
            self::assertEqualsWithDelta($factor, (float) $three->correctionOf(self::wound($gauge))?->factor, 2e-5);
        }
        $apart = Measurements::of([self::sample(18, 1.05, 0.002), self::sample(52, 1.0, 0.002)], Kind::ElectricGuitar);
        $sure = static fn (float $gauge): float => (float) $apart->correctionOf(self::wound($gauge))?->uncertainty;
        self::assertEqualsWithDelta(0.0172509, $sure(32), 1e-6);
        self::assertEqualsWithDelta(0.0140158, $sure(42), 1e-6);
        self::assertLessThan($sure(18), $sure(32));
        // Never less sure than the model alone.
        $far = BuiltString::of(self::wound(80), Kind::ElectricGuitar, Measurements::of([self::sample(18, 1.0, 0.002)], Kind::ElectricGuitar));
        self::assertLessThanOrEqual(0.05, $far->density->tolerance->common);
    }

    public function test_a_gauge_that_was_weighed_takes_what_was_weighed(): void
    {
        $measurements = Measurements::of([self::sample(46, 1.03, 0.002), self::sample(46, 1.01, 0.001)], Kind::ElectricGuitar);
        $string = BuiltString::of(self::wound(46), Kind::ElectricGuitar, $measurements);
        // Weights of 1 and 4: 1.014 times the model, good to 1/√(1/0.002² + 1/0.001²).
        self::assertSame([Source::Measured, State::Rest], [$string->density->source, $string->density->state]);
        self::assertClose(1.014 * $string->build->kgPerM(), $string->density->kgPerM, 1e-9);
        self::assertClose(1 / hypot(500, 1000), $string->density->tolerance->own, 1e-9);
        self::assertNull($string->density->correction);
        // What the string says of itself comes first.
        $given = BuiltString::of(self::wound(46)->with(density: GivenDensity::measured(0.006, 0.01)), Kind::ElectricGuitar, $measurements);
        self::assertSame(0.006, $given->density->kgPerM);
    }

    public function test_each_family_has_its_own_line_and_plain_wire_is_only_shifted(): void
    {
        $flat = Sample::weighed(
            new StringSpec(StringType::of(Construction::Flatwound, Material::StainlessSteel, Length::thousandths(44))),
            0.006,
            1.0,
            0.00001,
            0.001,
        );
        $wire = Sample::weighed(StringSpec::plain(Material::MusicWire, Length::thousandths(10)), 0.0004, 1.0, 1e-7, 1e-4);
        $measurements = Measurements::of([self::sample(46, 1.02, 0.002), $flat, $wire], Kind::ElectricGuitar);
        $other = BuiltString::of(
            new StringSpec(StringType::of(Construction::RoundWound, Material::PureNickel, Length::thousandths(36))),
            Kind::ElectricGuitar,
            $measurements,
        );

        self::assertSame(0.05, $other->density->tolerance->common);
        self::assertNull($other->density->correction);
        $plain = static fn (float $gauge): ?Correction => $measurements->correctionOf(StringSpec::plain(Material::MusicWire, Length::thousandths($gauge)));
        self::assertSame($plain(9)?->factor, $plain(20)?->factor);
        // Wire of one size is drawn a little off: a single piece hardly tells of another.
        self::assertEqualsWithDelta(1.0, (float) $plain(9)?->factor, 0.002);
        self::assertRefused(
            'no model to correct',
            static fn () => Measurements::of(
                [Sample::weighed(StringSpec::plain(Material::Polyurethane, Length::millimetres(2)), 0.004, 1.0, 0.00001, 0.001)],
                Kind::Other,
            ),
        );
    }

    public function test_samples_in_a_document_sharpen_its_neighbours_baseline_and_pool(): void
    {
        $json = Documents::with(
            '/pool',
            [(object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => [0.040]]],
        );
        $build = StringBuild::of(self::wound(46), Kind::ElectricGuitar);
        $json->samples = [(object) [
            'construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauge_in' => 0.046,
            'mass_g' => 1030 * $build->kgPerM(), 'length_mm' => 1000, 'mass_resolution_g' => 0.01, 'length_resolution_mm' => 1,
        ]];
        $corrected = SetDocument::from($json)->evaluation();
        $before = SetDocument::from(Documents::harbour())->evaluation();

        self::assertEqualsWithDelta(1.03, $corrected->strings[4]->tunings[0]->tensionN / $before->strings[4]->tunings[0]->tensionN, 5e-3);
        self::assertSame($before->strings[0]->tunings[0]->tensionN, $corrected->strings[0]->tunings[0]->tensionN);
        self::assertSame(1, $corrected->strings[4]->string->density->correction?->samples);
        self::assertClose($corrected->strings[4]->tunings[0]->tensionN, $corrected->strings[4]->poolTensionsN[0][0], 1e-12);
        self::assertGreaterThan(
            (float) $before->baseline?->strings[4]->tunings[0]->tensionN,
            (float) $corrected->baseline?->strings[4]->tunings[0]->tensionN,
        );
    }

    private static function wound(float $thousandths): StringSpec
    {
        return new StringSpec(StringType::of(Construction::RoundWound, Material::NickelPlatedSteel, Length::thousandths($thousandths)));
    }

    /** A metre of string that weighs so many times what the model says. */
    private static function sample(float $thousandths, float $ratio, float $tolerance): Sample
    {
        $mass = $ratio * StringBuild::of(self::wound($thousandths), Kind::ElectricGuitar)->kgPerM();

        return Sample::weighed(self::wound($thousandths), $mass, 1.0, $tolerance * $mass, 0.0);
    }
}
