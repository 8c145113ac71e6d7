<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use Lira\Certainty\Interval;
use Lira\Feel\AttackSharpening;
use Lira\Feel\Bend;
use Lira\Fit\BreakAngle;
use Lira\Fit\DownForce;
use Lira\Fit\Intonation;
use Lira\Fit\Post;
use Lira\Fit\SaddleSetback;
use Lira\Fit\Springs;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Stiffness\Inharmonicity;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\Core;
use Lira\Strings\CoreShape;
use Lira\Strings\StringSpec;
use Lira\Tension\Why;

/** What must hold for any string. */
final class PropertiesTest extends CoreTestCase
{
    use TestTrait;

    public function test_the_why_adds_up_exactly(): void
    {
        $this->forAll(
            Generators::choose(400, 900),
            Generators::choose(400, 900),
            Generators::choose(60, 400),
            Generators::choose(60, 400),
            Generators::choose(80, 240),
            Generators::choose(80, 240),
        )
            ->then(static function (int $mm1, int $mm2, int $hz1, int $hz2, int $gauge1, int $gauge2): void {
                [$a, $b] = [self::plain($gauge1 / 10), self::plain($gauge2 / 10)];
                [$before, $after] = [$a->tension->tensionN($mm1 / 1000, $hz1), $b->tension->tensionN($mm2 / 1000, $hz2)];
                $why = Why::between($before, $mm1 / 1000, $hz1, $after, $mm2 / 1000, $hz2);
                self::assertEqualsWithDelta(log($after / $before), $why->total(), 1e-9);
                self::assertEqualsWithDelta(2 * log($mm2 / $mm1), $why->scale, 1e-12);
                self::assertEqualsWithDelta(2 * log($hz2 / $hz1), $why->pitch, 1e-12);
                self::assertEqualsWithDelta($why->scale + $why->pitch + $why->string, $why->total(), 1e-12);
            });
    }

    public function test_the_breaking_share_of_a_plain_string_hardly_depends_on_its_gauge(): void
    {
        $this->forAll(Generators::choose(70, 260), Generators::choose(300, 900), Generators::choose(60, 400))
            ->then(static function (int $tenths, int $mm, int $hertz): void {
                $share = static function (float $gauge) use ($mm, $hertz): float {
                    $string = self::plain($gauge);

                    return Breaking::share($string->tension->tensionN($mm / 1000, $hertz), self::core($string));
                };
                // Strength falls with d^0.145 and the stretch changes a little; with equal strength it would not depend on it at all.
                self::assertEqualsWithDelta(2 ** 0.145, $share($tenths / 5) / $share($tenths / 10), 0.001);
                $nylon = static fn (float $mil): float => Breaking::share(
                    Material::Nylon->properties()->densityKgPerM3 * M_PI * ($mil * 25.4e-6) ** 2 / 4 * (2 * $mm / 1000 * $hertz) ** 2,
                    Core::of(CoreShape::Round, Material::Nylon, Length::thousandths($mil)),
                );
                self::assertClose($nylon(25), $nylon(40), 1e-9);
            });
    }

    public function test_at_the_breaking_pitch_the_share_is_one(): void
    {
        $this->forAll(Generators::choose(24, 80), Generators::choose(400, 900))->then(static function (int $gauge, int $mm): void {
            $string = BuiltString::of(
                StringSpec::wound(Construction::RoundWound, Material::NickelPlatedSteel, Length::thousandths($gauge)),
                Kind::ElectricGuitar,
            );
            $core = self::core($string);
            $break = $string->tension->frequencyHz(Breaking::loadN($core), $mm / 1000);
            self::assertClose(1.0, Breaking::share($string->tension->tensionN($mm / 1000, $break), $core), 1e-9);
            self::assertClose(2211e6 / ($core->size->inMillimetres()) ** 0.145 * $core->areaM2(), Breaking::loadN($core), 1e-12);
        });
    }

    public function test_a_bend_reaches_its_pitch_at_any_fret(): void
    {
        $this->forAll(Generators::choose(90, 130), Generators::choose(2, 19), Generators::choose(1, 3), Generators::choose(0, 150))
            ->then(static function (int $tenths, int $fret, int $semitones, int $extraMm): void {
                $core = self::core(self::plain($tenths / 10));
                [$ea, $tension, $length, $extra] = [$core->strungStiffnessN(), 70.0, 0.648, $extraMm / 1000];
                $bend = Bend::by($semitones, $fret, $tension, $length, $ea, $extra);
                self::assertNotNull($bend);
                $h = $bend->displacementM;
                $l = $length * 2 ** (-$fret / 12);
                $k = $length - $l;
                $stretched = sqrt($l ** 2 + $h ** 2) - $l + sqrt($k ** 2 + $h ** 2) - $k;
                $bent = $tension + $ea * $stretched / ($length + $extra);
                self::assertClose(2 ** ($semitones / 12), sqrt($bent / $tension) * $l / sqrt($l ** 2 + $h ** 2), 1e-9);
                self::assertClose($bent * ($h / sqrt($l ** 2 + $h ** 2) + $h / sqrt($k ** 2 + $h ** 2)), $bend->forceN, 1e-9);
                // More string beyond nut and saddle must be pushed further.
                self::assertGreaterThan($h, Bend::by($semitones, $fret, $tension, $length, $ea, $extra + 0.05)?->displacementM);
            });
        self::assertNull(Bend::by(12, 12, 70, 0.648, 100.0));
    }

    public function test_picking_harder_or_slacker_starts_sharper(): void
    {
        $this->forAll(Generators::choose(3000, 40_000), Generators::choose(40, 120), Generators::choose(400, 900))
            ->then(static function (int $ea, int $tension, int $mm): void {
                $cents = static fn (float $force, float $newtons, float $extra = 0.0): AttackSharpening => AttackSharpening::of(
                    $ea,
                    $newtons,
                    $mm / 1000,
                    $force,
                    0.12,
                    $extra,
                );
                foreach (['startCents', 'afterCents'] as $when) {
                    self::assertGreaterThan($cents(1.5, $tension)->{$when}, $cents(2.2, $tension)->{$when});
                    self::assertGreaterThan($cents(1.5, $tension)->{$when}, $cents(1.5, $tension * 0.8)->{$when});
                    self::assertGreaterThan($cents(1.5, $tension, 0.1)->{$when}, $cents(1.5, $tension)->{$when});
                }
                self::assertGreaterThan($cents(1.5, $tension)->afterCents, $cents(1.5, $tension)->startCents);
            });
    }

    /** Twice the instrument at the same stress: every length, and so every setback, doubles. */
    public function test_scaling_every_length_scales_the_setback(): void
    {
        $this->forAll(Generators::choose(90, 240), Generators::choose(50, 200))->then(static function (int $tenths, int $percent): void {
            $scale = $percent / 100;
            $predicted = static fn (float $by): Interval => SaddleSetback::predicted(
                self::core(self::plain($by * $tenths / 10)),
                70 * $by ** 2,
                0.648 * $by,
                0.0018 * $by,
                0.0004 * $by,
                0.05 * $by,
            );
            [$one, $scaled] = [$predicted(1.0), $predicted($scale)];
            self::assertClose($one->estimate * $scale, $scaled->estimate, 1e-4);
            self::assertClose($one->low * $scale, $scaled->low, 1e-4);
            self::assertGreaterThan($one->low, $one->high);
            self::assertClose(($one->low + $one->high) / 2, $one->estimate, 1e-12);
        });
    }

    public function test_sharpness_at_other_frets_follows_the_line_from_nut_to_action(): void
    {
        [$t, $l, $ea] = [70.0, 0.648, 12470.0];
        foreach ([[1, 0.0], [5, 0.0004], [12, 0.0004], [19, 0.0]] as [$fret, $nut]) {
            $short = $l * 2 ** (-$fret / 12);
            $behind = $l - $short;
            $height = $nut + (0.0018 - $nut) * $behind / ($l / 2);
            $longer = sqrt($short ** 2 + $height ** 2) - $short + sqrt($behind ** 2 + $height ** 2) - $behind;
            $expected = 1200 * log(sqrt(($t + $ea * $longer / $l) / $t) * $l / $short, 2) - 100 * $fret;

            self::assertEqualsWithDelta($expected, Intonation::sharpCents($t, $l, $ea, [0.0], 0.0018, $fret, $nut)[0], 1e-6);
        }
        self::assertClose(0.5, Intonation::screwTurns(0.0003, 0.0006), 1e-12);
    }

    public function test_stiffness_raises_partials_and_clamped_ends_raise_all_of_them(): void
    {
        $b = Inharmonicity::coefficient(4.4e-4, 68.0, 0.66);
        self::assertClose(M_PI ** 2 * 4.4e-4 / (68 * 0.66 ** 2), $b, 1e-12);
        self::assertClose(10 * 174.6 * sqrt(1 + 100 * $b), Inharmonicity::partialHz(10, 174.6, $b), 1e-12);
        $epsilon = sqrt(4.4e-4 / 68) / 0.66;
        self::assertClose(
            1 + 2 * $epsilon + (4 + 9 * M_PI ** 2 / 2) * $epsilon ** 2,
            Inharmonicity::clampedFactor(4.4e-4, 68, 0.66, 3),
            1e-12,
        );
        self::assertSame(1.0, Inharmonicity::clampedFactor(0.0, 68, 0.66));
    }

    public function test_turns_and_angle_turn_into_each_other(): void
    {
        $this->forAll(Generators::choose(2, 12), Generators::choose(8, 60), Generators::choose(0, 14))
            ->then(static function (int $hundredths, int $turnsTenths, int $tilt): void {
                [$diameter, $turns] = [$hundredths / 1e5, $turnsTenths / 10];
                $angle = new BreakAngle(0.011, 0.0085, 0.06, deg2rad($tilt));
                self::assertEqualsWithDelta($turns, $angle->turnsFor($angle->withTurnsRad($turns, $diameter), $diameter), 1e-9);
                self::assertGreaterThan($angle->withTurnsRad($turns, $diameter), $angle->withTurnsRad($turns + 1, $diameter));
                self::assertGreaterThan($angle->withTurnsRad($turns, $diameter), $angle->withTurnsRad($turns, $diameter * 1.1));
            });
        self::assertSame(0.0, (new BreakAngle(0.01, 0.002, 0.05))->turnsFor(deg2rad(3), 0.0003));
    }

    public function test_posts_springs_and_forces(): void
    {
        self::assertClose(20.0, Post::roomForTurns(0.005, 0.00025), 1e-12);
        self::assertClose(1.05, Springs::forceRatio(400, 420), 1e-12);
        self::assertClose(80 * (sin(0.1) + sin(0.2)), DownForce::newtons(80, 0.1, 0.2), 1e-12);
    }

    private static function plain(float $thousandths): BuiltString
    {
        return BuiltString::of(StringSpec::plain(Material::MusicWire, Length::thousandths($thousandths)), Kind::ElectricGuitar);
    }

    private static function core(BuiltString $string): Core
    {
        return $string->build->core ?? throw new \LogicException('It has a core');
    }
}
