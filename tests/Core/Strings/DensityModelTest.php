<?php

declare(strict_types=1);

namespace Tests\Core\Strings;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\GivenDensity;
use Lira\Strings\Source;
use Lira\Strings\State;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Tests\Core\CoreTestCase;

final class DensityModelTest extends CoreTestCase
{
    public function test_a_modelled_density_says_how_sure_it_is(): void
    {
        $plain = self::string(Construction::Plain, Material::MusicWire, 11)->density;
        self::assertSame([Source::Modelled, State::Rest], [$plain->source, $plain->state]);
        // 2 · 0.005/0.2794 and 0.3 % in quadrature.
        self::assertEqualsWithDelta(0.035916, $plain->tolerance->share(), 1e-6);
        self::assertClose($plain->kgPerM * 0.964084, $plain->lowKgPerM(), 1e-6);
        self::assertClose($plain->kgPerM * 1.035916, $plain->highKgPerM(), 1e-6);
        // 5 % and 0.02/1.016; 10 % and 0.03/0.889.
        self::assertEqualsWithDelta(0.053735, self::string(Construction::RoundWound, Material::PureNickel, 40)->density->tolerance->share(), 1e-6);
        self::assertEqualsWithDelta(
            0.105540,
            self::string(Construction::RoundWound, Material::SilverPlatedCopper, 35)->density->tolerance->share(),
            1e-6,
        );
        self::assertSame(0.08, self::string(Construction::Plain, Material::Nylon, 28)->density->tolerance->share());
        self::assertSame([0.08, 0.0], self::parts(self::string(Construction::Plain, Material::Nylon, 28)));
        self::assertSame(0.05, self::parts(self::string(Construction::RoundWound, Material::PureNickel, 40))[0]);
        self::assertSame(0.0, self::parts(self::string(Construction::Plain, Material::MusicWire, 11))[0]);
    }

    public function test_a_given_density_beats_the_model(): void
    {
        $given = GivenDensity::measured(0.0117, 0.004);
        $string = self::string(Construction::RoundWound, Material::NickelPlatedSteel, 60, $given);

        self::assertSame(0.0117, $string->density->kgPerM);
        self::assertSame(Source::Measured, $string->density->source);
        self::assertSame(State::Rest, $string->density->state);
        self::assertSame(0.004, $string->density->tolerance->share());
        self::assertSame([0.0, 0.004], self::parts($string));
    }

    public function test_supplied_is_as_strung_and_measured_is_at_rest_unless_said_otherwise(): void
    {
        self::assertSame(State::Strung, GivenDensity::supplied(0.001)->state);
        self::assertSame(0.015, GivenDensity::supplied(0.001)->tolerance);
        self::assertSame(State::Rest, GivenDensity::measured(0.001, 0.01)->state);
        self::assertSame(State::Strung, State::usualFor(Source::Supplied));
        self::assertSame(State::Rest, State::usualFor(Source::Measured));
    }

    /** A 3.75 mm string stretched by 0.4: 1200 π (3.75 mm)²/4/1.4, all of them alike within 13 %. */
    public function test_elastomer_is_reckoned_as_it_is_strung_until_it_is_measured(): void
    {
        $make = static fn (?GivenDensity $given) => self::string(Construction::Plain, Material::Polyurethane, 80, $given);

        $usual = self::string(Construction::Plain, Material::Polyurethane, 3.75 / 0.0254, null);
        self::assertClose(1200 * M_PI * 3.75e-3 ** 2 / 4 / 1.4, $usual->density->kgPerM, 1e-9);
        self::assertSame([State::Strung, Source::Modelled], [$usual->density->state, $usual->density->source]);
        self::assertSame([0.13, 0.0], self::parts($usual));
        self::assertEqualsWithDelta(32.2, $usual->tension->tensionN(0.53, 55.0), 0.1);
        self::assertRefused('give it as strung', static fn () => $make(GivenDensity::measured(0.003, 0.02)));
        $measured = $make(GivenDensity::measured(0.003, 0.02, State::Strung));
        self::assertClose(0.003 * (2 * 0.53 * 41.2) ** 2, $measured->tension->tensionN(0.53, 41.2), 1e-12);
        self::assertNull($measured->build->core);
    }

    public function test_densities_and_tolerances_have_their_ranges(): void
    {
        self::assertSame(1e-5, GivenDensity::supplied(1e-5)->kgPerM);
        self::assertSame(1.0, GivenDensity::supplied(1.0, 0.5)->kgPerM);
        foreach ([0.0, 0.99e-5, 1.01, -1.0, NAN, INF] as $density) {
            self::assertRefused('between 0.00001 and 1', static fn () => GivenDensity::supplied($density));
        }
        foreach ([-0.01, 0.51, NAN] as $tolerance) {
            self::assertRefused('share from 0 to 0.5', static fn () => GivenDensity::measured(0.001, $tolerance));
        }
    }

    private static function string(Construction $construction, Material $material, float $gauge, ?GivenDensity $given = null): BuiltString
    {
        return BuiltString::of(
            new StringSpec(StringType::of($construction, $material, Length::thousandths($gauge)), density: $given),
            Kind::Other,
        );
    }

    /** @return array{float, float} what it shares with its family, and what it has for itself */
    private static function parts(BuiltString $string): array
    {
        return [$string->density->tolerance->common, $string->density->tolerance->own];
    }
}
