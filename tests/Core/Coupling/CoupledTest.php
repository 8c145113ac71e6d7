<?php

declare(strict_types=1);

namespace Tests\Core\Coupling;

use Lira\Coupling\Compliance;
use Lira\Coupling\Coupled;
use Lira\Coupling\HungString;
use Lira\Coupling\Observed;
use Lira\Instrument\Anchor;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Hardware;
use Lira\Instrument\SpringSet;
use Lira\Kind\Kind;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** Tuning one string moves the others: what is computed held to tuners that are turned one after the other. */
final class CoupledTest extends CoreTestCase
{
    /** 300 instruments and orders, rigid and floating, some strings slack, some left out: after the pass all stand where they should. */
    public function test_one_pass_lands_on_any_instrument_in_any_order(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($case = 0; $case < 300; $case++) {
            [$strings, $order, $compliance] = self::instrument($random);
            $coupled = new Coupled($strings, $order, $compliance);
            $after = self::turned($strings, $coupled->leaveN(), $compliance);
            foreach ($coupled->afterN() as $position => $expected) {
                self::assertSame($expected === null, $after[$position] === null, "case {$case}, string {$position}");
                // Within a hundredth of a cent: tension goes as the square of frequency.
                self::assertEqualsWithDelta((float) $expected, (float) $after[$position], 0.01 * M_LN2 / 600 * max(1.0, (float) $expected), "case {$case}, string {$position}");
            }
            foreach ($order as $position) {
                self::assertSame($strings[$position - 1]->wantedN, $coupled->afterN()[$position]);
            }
        }
    }

    public function test_tuning_each_to_its_pitch_leaves_the_first_flat(): void
    {
        $random = new Randomizer(new Mt19937(12));
        for ($case = 0; $case < 100; $case++) {
            [$strings, $order, $compliance] = self::instrument($random);
            $wanted = array_column(array_map(static fn (HungString $string): array => [$string->position, $string->wantedN], $strings), 1, 0);
            $goals = array_map(static fn (int $position): float => $wanted[$position], array_combine($order, $order));
            $after = self::turned($strings, $goals, $compliance);
            foreach ((new Coupled($strings, $order, $compliance))->withoutN() as $position => $expected) {
                self::assertEqualsWithDelta((float) $expected, (float) $after[$position], 1e-6 * max(1.0, (float) $expected), "case {$case}");
            }
        }
    }

    public function test_no_string_is_ever_asked_above_its_ceiling_and_the_passes_land(): void
    {
        $random = new Randomizer(new Mt19937(13));
        $most = 0;
        for ($case = 0; $case < 300; $case++) {
            [$strings, $order, $compliance] = self::instrument($random, whole: true);
            $strings = array_map(static fn (HungString $string): HungString => new HungString(
                $string->position, $string->stiffnessNPerM, $string->presentN, $string->wantedN, $string->wantedN * 2 ** (100 / 600),
            ), $strings);
            $passes = (new Coupled($strings, $order, $compliance))->passes();
            $most = max($most, $passes);
            for ($pass = 1; $pass <= $passes; $pass++) {
                $coupled = new Coupled($strings, $order, $compliance);
                $part = $coupled->part($coupled->share());
                foreach ($part->leaveN() as $position => $leaveN) {
                    self::assertLessThanOrEqual($strings[$position - 1]->ceilingN * (1 + 1e-12), $leaveN, "case {$case}, pass {$pass}");
                }
                $after = $part->afterN();
                $strings = array_map(static fn (HungString $string): HungString => $string->at($after[$string->position], $string->wantedN), $strings);
            }
            foreach ($strings as $string) {
                self::assertEqualsWithDelta($string->wantedN, $string->presentN, 1e-9 * $string->wantedN, "case {$case}");
            }
        }
        self::assertGreaterThan(1, $most);
    }

    public function test_the_compliance_is_found_again_from_what_the_others_did(): void
    {
        $random = new Randomizer(new Mt19937(14));
        for ($case = 0; $case < 100; $case++) {
            [$strings, , $compliance] = self::instrument($random, whole: true);
            $observations = [];
            foreach ([2, 4] as $turned) {
                $before = $strings[$turned - 1];
                $after = self::turned($strings, [$turned => 0.9 * (float) $before->presentN], $compliance);
                $others = [];
                foreach ($strings as $string) {
                    if ($string->position !== $turned) {
                        $others[] = [
                            'stiffnessNPerM' => $string->stiffnessNPerM, 'changeN' => (float) $after[$string->position] - (float) $string->presentN, 'tensionN' => (float) $string->presentN,
                        ];
                    }
                }
                if ($others === []) {
                    self::fail('There are others.');
                }
                $observations[] = new Observed((float) $after[$turned] - (float) $before->presentN, $before->stiffnessNPerM, $others);
            }
            ['complianceMPerN' => $found, 'standardErrorMPerN' => $error] = Observed::together($observations);
            self::assertClose($compliance, $found, 1e-9);
            self::assertGreaterThan(0.0, $error);
            self::assertLessThan($observations[0]->standardErrorMPerN($found), $error);
        }
        // What the others did cannot have been more than the turned one did, nor the other way.
        self::assertSame(0.0, (new Observed(10.0, 1e4, [['stiffnessNPerM' => 1e4, 'changeN' => 1.0, 'tensionN' => 70.0]]))->complianceMPerN());
    }

    public function test_what_is_usual_follows_the_instrument_and_its_springs(): void
    {
        self::assertSame(0.5e-6, Compliance::usualMPerN(Kind::ElectricGuitar, new Hardware));
        self::assertSame(0.8e-6, Compliance::usualMPerN(Kind::Ukulele, new Hardware));
        self::assertSame(0.4e-6, Compliance::usualMPerN(Kind::ElastomerBass, new Hardware));
        self::assertSame(0.6e-6, Compliance::usualMPerN(Kind::AcousticBass, new Hardware));
        // 0.3²/(3 · 2000) = 15 µm/N; measured springs instead where they are.
        self::assertClose(15.5e-6, Compliance::usualMPerN(Kind::ElectricGuitar, new Hardware(anchor: Anchor::Vibrato)), 1e-12);
        self::assertClose(0.5e-6 + 0.25 / 10_000, Compliance::usualMPerN(Kind::ElectricGuitar, new Hardware(anchor: Anchor::Vibrato, springs: new SpringSet(4, 2500.0, 0.5))), 1e-12);
        self::assertSame(0.5e-6, Compliance::usualMPerN(Kind::ElectricGuitar, new Hardware(anchor: Anchor::Vibrato, bridge: BridgeHold::Blocked)));
    }

    private static function between(Randomizer $random, float $low, float $high): float
    {
        return $low + $random->getInt(0, 1_000_000) / 1e6 * ($high - $low);
    }

    /** @return array{list<HungString>, list<int>, float} */
    private static function instrument(Randomizer $random, bool $whole = false): array
    {
        $strings = [];
        $left = [];
        foreach (range(1, $random->getInt(4, 8)) as $position) {
            $wanted = self::between($random, 30, 180);
            $slack = ! $whole && $random->getInt(0, 4) === 0;
            $strings[] = new HungString(
                $position, self::between($random, 1e3, 8e4), $slack ? null : $wanted * 2 ** (self::between($random, -250, 50) / 600), $wanted,
            );
            if ($whole || $random->getInt(0, 5) > 0) {
                $left[] = $position;
            }
        }
        /** @var list<int> $order */
        $order = $random->shuffleArray($left === [] ? [1] : $left);

        return [$strings, $order, $random->getInt(0, 1) === 0 ? self::between($random, 0.2e-6, 2e-6) : self::between($random, 5e-6, 40e-6)];
    }

    /**
     * Turns one tuner after the other until its string pulls what it should, by bisection on how far it is wound: each string pulls
     * what its own winding and the way its ends have moved leave of it.
     *
     * @param  list<HungString>  $strings
     * @param  array<int, float>  $goalsN  by position, in order
     * @return array<int, ?float> newtons, by position
     */
    private static function turned(array $strings, array $goalsN, float $compliance): array
    {
        $windings = [];
        foreach ($strings as $string) {
            if ($string->presentN !== null) {
                $windings[$string->position] = 0.0;
            }
        }
        foreach ($goalsN as $position => $goal) {
            [$low, $high] = [-0.2, 0.2];
            for ($step = 0; $step < 80; $step++) {
                $windings[$position] = ($low + $high) / 2;
                self::pulls($strings, $windings, $compliance)[$position] < $goal ? $low = $windings[$position] : $high = $windings[$position];
            }
        }

        return self::pulls($strings, $windings, $compliance);
    }

    /**
     * @param  list<HungString>  $strings
     * @param  array<int, float>  $windings  of those that pull, by position
     * @return array<int, ?float> newtons, by position
     */
    private static function pulls(array $strings, array $windings, float $compliance): array
    {
        // u = C ΣΔT, found by going back and forth between both until neither moves.
        $moved = 0.0;
        $stiffness = 0.0;
        $sum = 0.0;
        foreach ($strings as $string) {
            if (isset($windings[$string->position])) {
                $stiffness += $string->stiffnessNPerM;
                $sum += $string->stiffnessNPerM * $windings[$string->position];
            }
        }
        $damping = 1 / (1 + $compliance * $stiffness);
        for ($round = 0; $round < 60; $round++) {
            $moved += $damping * ($compliance * ($sum - $moved * $stiffness) - $moved);
        }
        $pulls = [];
        foreach ($strings as $string) {
            $pulls[$string->position] = isset($windings[$string->position])
                ? (float) $string->presentN + $string->stiffnessNPerM * ($windings[$string->position] - $moved) : null;
        }

        return $pulls;
    }
}
