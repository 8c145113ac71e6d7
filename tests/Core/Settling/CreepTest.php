<?php

declare(strict_types=1);

namespace Tests\Core\Settling;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Settling\Creep;
use Lira\Settling\Settling;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\GivenDensity;
use Lira\Strings\State;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Tests\Core\CoreTestCase;

/** How strings go on to stretch by themselves (physics 12). */
final class CreepTest extends CoreTestCase
{
    public function test_of_a_string_of_which_no_figure_is_known_only_readings_tell(): void
    {
        $elastomer = self::string(Construction::Plain, Material::Polyurethane, 80, GivenDensity::measured(0.003, 0.02, State::Strung));
        self::assertNull(Creep::of($elastomer, 60.0, []));
        self::assertNull(Settling::of($elastomer, 60.0, [], [])->holdsAfterS);
        // Read an hour and a day after it was tuned: Σ x d/Σ x², x = log10((t + 60)/60).
        $readings = [['tunedS' => 0.0, 'readS' => 3600.0, 'cents' => -20.0], ['tunedS' => 0.0, 'readS' => 86_400.0, 'cents' => -30.0]];
        [$hour, $day] = [log10(3660 / 60), log10(86_460 / 60)];
        self::assertClose((20 * $hour + 30 * $day) / ($hour ** 2 + $day ** 2), Creep::of($elastomer, 60.0, $readings)->centsPerDecade ?? NAN, 1e-9);
        // A reading at the moment of tuning is none.
        self::assertNull(Creep::of($elastomer, 60.0, [['tunedS' => 5.0, 'readS' => 5.0, 'cents' => -20.0]]));
    }

    public function test_what_is_usual_of_a_material_is_what_one_begins_with(): void
    {
        // (600/ln 2) γ cents a decade.
        $usual = static fn (float $perDecade): float => 600 / M_LN2 * $perDecade;
        self::assertClose($usual(0.06), self::perDecade(Construction::Plain, Material::Nylon, 28), 1e-9);
        self::assertClose($usual(0.05), self::perDecade(Construction::Plain, Material::Fluorocarbon, 28), 1e-9);
        self::assertClose($usual(0.06), self::perDecade(Construction::Plain, Material::SyntheticGut, 28), 1e-9);
        $steel = self::string(Construction::Plain, Material::MusicWire, 10);
        $stiffness = $steel->build->core?->strungStiffnessN() ?? NAN;
        self::assertClose($usual(2e-6 * $stiffness / 70), Creep::of($steel, 70.0, [])->centsPerDecade ?? NAN, 1e-9);
        $wound = self::string(Construction::RoundWound, Material::NickelPlatedSteel, 46);
        $stiffness = $wound->build->core?->strungStiffnessN() ?? NAN;
        self::assertClose($usual(8e-6 * $stiffness / 75), Creep::of($wound, 75.0, [])->centsPerDecade ?? NAN, 1e-9);
    }

    private static function perDecade(Construction $construction, Material $material, float $gauge): float
    {
        return Creep::of(self::string($construction, $material, $gauge), 60.0, [])->centsPerDecade ?? NAN;
    }

    private static function string(Construction $construction, Material $material, float $gauge, ?GivenDensity $given = null): BuiltString
    {
        return BuiltString::of(new StringSpec(StringType::of($construction, $material, Length::thousandths($gauge)), density: $given), Kind::Other);
    }
}
