<?php

declare(strict_types=1);

namespace Tests\Core\Coupling;

use Lira\Coupling\Compliance;
use Lira\Coupling\Coupled;
use Lira\Coupling\Ends;
use Lira\Coupling\Foretold;
use Lira\Coupling\Gives;
use Lira\Coupling\HungString;
use Lira\Coupling\Learned;
use Lira\Coupling\OneTurned;
use Lira\Coupling\PassRead;
use Lira\Coupling\Stiffnesses;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Hardware;
use Lira\Instrument\SpringSet;
use Lira\Kind\Anchor;
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

    /** By hand: two strings heard beside the one that was turned. */
    public function test_how_well_one_turned_string_tells_is_worked_by_hand(): void
    {
        $turned = new OneTurned(1, 20.0, [2 => ['changeN' => -0.5, 'tensionN' => 80.0], 3 => ['changeN' => -0.8, 'tensionN' => 60.0]]);
        $stiff = [1 => 15_000.0, 2 => 20_000.0, 3 => 30_000.0];
        $cent = M_LN2 / 600;
        $heard = sqrt((20_000 * 0.5 * $cent * 80) ** 2 + (30_000 * 0.5 * $cent * 60) ** 2);
        self::assertClose((1 + 2e-6 * 50_000) ** 2 * M_SQRT2 * $heard / (20 * (20_000 ** 2 + 30_000 ** 2)), $turned->readingErrorMPerN(2e-6, $stiff, 0.5), 1e-12);
        self::assertClose(400.0 * (20_000 ** 2 + 30_000 ** 2), $turned->weight($stiff), 1e-12);
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
        [$most, $never] = [0, 0];
        for ($case = 0; $case < 300; $case++) {
            [$strings, $order, $compliance] = self::instrument($random, whole: true);
            $strings = array_map(static fn (HungString $string): HungString => new HungString(
                $string->position, $string->stiffnessNPerM, $string->presentN, $string->wantedN, $string->wantedN * 2 ** (100 / 600),
            ), $strings);
            $passes = self::foretold(new Coupled($strings, $order, $compliance), [])->passes;
            if ($passes === null) {
                // It would take more than nine: that is said, and such a bridge is better blocked.
                $never++;

                continue;
            }
            $most = max($most, $passes);
            for ($pass = 1; $pass <= $passes; $pass++) {
                $coupled = new Coupled($strings, $order, $compliance);
                $part = $coupled->part($coupled->share());
                foreach ($part->leaveN() as $position => $leaveN) {
                    self::assertLessThanOrEqual(max($strings[$position - 1]->ceilingN, (float) $strings[$position - 1]->presentN) * (1 + 1e-12), $leaveN, "case {$case}, pass {$pass}");
                }
                $after = $part->afterN();
                $strings = array_map(static fn (HungString $string): HungString => $string->at($after[$string->position], $string->wantedN), $strings);
            }
            foreach ($strings as $string) {
                self::assertEqualsWithDelta($string->wantedN, $string->presentN, 3.001 * M_LN2 / 600 * $string->wantedN, "case {$case}");
            }
        }
        self::assertGreaterThan(1, $most);
        self::assertLessThan(60, $never);
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
                        $others[$string->position] = [
                            'changeN' => (float) $after[$string->position] - (float) $string->presentN, 'tensionN' => (float) $string->presentN,
                        ];
                    }
                }
                if ($others === []) {
                    self::fail('There are others.');
                }
                $observations[] = new OneTurned($turned, (float) $after[$turned] - (float) $before->presentN, $others);
            }
            $known = self::known($strings);
            $learned = Learned::from($observations, new Stiffnesses($known, $known, $known), 0.5) ?? self::fail('Nothing was learned.');
            self::assertClose($compliance, $learned->complianceMPerN, 1e-9);
            // The readings' own error, and a tenth for what friction hides.
            $reading = 1 / hypot(...array_map(static fn (OneTurned $each): float => 1 / $each->readingErrorMPerN($compliance, $known, 0.5), $observations));
            self::assertClose(hypot($reading, 0.1 * $compliance), $learned->standardErrorMPerN, 1e-9);
            self::assertLessThan($observations[0]->readingErrorMPerN($compliance, $known, 0.5), $reading);
            self::assertClose(4 * $reading, 1 / hypot(...array_map(static fn (OneTurned $each): float => 1 / $each->readingErrorMPerN($compliance, $known, 2.0), $observations)), 1e-9);
            self::assertEqualsWithDelta(
                [max(0.0, $compliance - 1.96 * $reading), $compliance + 1.96 * $reading],
                array_map(static fn (Ends $ends): float => $ends->complianceMPerN, array_slice($learned->mayBe, 0, 2)),
                1e-9 * $compliance,
            );
        }
        // What the others did cannot have been more than the turned one did, nor the other way.
        self::assertSame(0.0, (new OneTurned(1, 10.0, [2 => ['changeN' => 1.0, 'tensionN' => 70.0]]))->complianceMPerN([1 => 1e4, 2 => 1e4]));
    }

    /** An observation fixes compliance times stiffness: where cores are a guess, it is no surer than they are, and says what goes with what. */
    public function test_what_is_learned_is_no_surer_than_the_strings_are_known(): void
    {
        $random = new Randomizer(new Mt19937(15));
        [$strings, , $compliance] = self::instrument($random, whole: true);
        $after = self::turned($strings, [1 => 0.9 * (float) $strings[0]->presentN], $compliance);
        $others = [];
        foreach (array_slice($strings, 1) as $string) {
            $others[$string->position] = ['changeN' => (float) $after[$string->position] - (float) $string->presentN, 'tensionN' => (float) $string->presentN];
        }
        if ($others === []) {
            self::fail('There are others.');
        }
        $known = self::known($strings);
        $times = static fn (float $factor): array => array_map(static fn (float $k): float => $factor * $k, $known);
        $learned = Learned::from([new OneTurned(1, (float) $after[1] - (float) $strings[0]->presentN, $others)], new Stiffnesses($known, $times(0.8), $times(1.2)), 0.5);
        self::assertNotNull($learned);
        self::assertGreaterThan(0.19 * $compliance, $learned->standardErrorMPerN);
        [$soft, , $stiff] = $learned->mayBe;
        $reading = static fn (Ends $ends): float => $ends->complianceMPerN * $ends->stiffnessNPerM[2];
        self::assertEqualsWithDelta($reading($stiff), $reading($soft), 0.1 * $reading($stiff));
    }

    /** A pass that was read before and after tells the compliance as well as turns that were read one by one. */
    public function test_a_whole_pass_tells_how_far_the_ends_give(): void
    {
        $random = new Randomizer(new Mt19937(18));
        for ($case = 0; $case < 60; $case++) {
            [$strings, $order, $compliance] = self::instrument($random);
            // Planned by what is not so.
            $goals = (new Coupled($strings, $order, $compliance * self::between($random, 0.4, 2.5)))->leaveN();
            $after = array_filter(self::turned($strings, $goals, $compliance), static fn (?float $tensionN): bool => $tensionN !== null);
            $pass = new PassRead($strings, $order, $goals, $after);
            $known = self::known($strings);
            if ($pass->readingErrorMPerN($compliance, $known, 0.5) > 0.3 * $compliance) {
                // Hardly anything was moved, or by one string alone.
                continue;
            }
            self::assertEqualsWithDelta($compliance, $pass->complianceMPerN($known), 1e-4 * $compliance, "case {$case}");
            $learned = Learned::from([$pass], new Stiffnesses($known, $known, $known), 0.5);
            self::assertLessThan(0.35 * $compliance, (float) $learned?->standardErrorMPerN);
        }
    }

    /** What is foretold holds for what lies between the ends: instruments drawn there, passes planned anew from what was read. */
    public function test_what_a_pass_may_leave_is_left_by_no_instrument_within_its_ends(): void
    {
        $random = new Randomizer(new Mt19937(19));
        [$floated, $more] = [0, 0];
        for ($case = 0; $case < 60; $case++) {
            [$strings, $order, $compliance] = self::instrument($random, whole: true);
            $known = self::known($strings);
            $times = static fn (float $factor): array => array_map(static fn (float $k): float => $factor * $k, $known);
            $planned = new Coupled($strings, $order, $compliance);
            $foretold = self::foretold($planned, Gives::assumed($compliance, new Stiffnesses($known, $times(0.87), $times(1.16)))->mayBe);
            $real = $planned->on(new Ends($compliance * 2 ** self::between($random, -0.95, 0.95), $times(self::between($random, 0.88, 1.15))));
            $share = $planned->share();
            $after = $real->broughtN($planned->part($share)->leaveN());
            foreach ($foretold->leftCents as $position => ['low' => $low, 'high' => $high]) {
                $cents = self::cents($strings[$position - 1], (float) $after[$position]);
                self::assertGreaterThanOrEqual($low - 0.6, $cents, "case {$case}, string {$position}");
                self::assertLessThanOrEqual($high + 0.6, $cents, "case {$case}, string {$position}");
            }
            self::assertNotNull($foretold->passes);
            self::assertTrue($foretold->passesMost === null || $foretold->passesMost >= $foretold->passes);
            $floated += $compliance > 4e-6 ? 1 : 0;
            $more += $compliance > 4e-6 && ($foretold->passesMost ?? 9) > 1 ? 1 : 0;
        }
        // On what floats one round is never all that may be needed.
        self::assertGreaterThan(10, $floated);
        self::assertSame($floated, $more);
    }

    public function test_a_string_that_must_not_rise_keeps_the_others_waiting_and_that_is_said(): void
    {
        // It stands above its ceiling already, and has to rise on its way for what the others will take from it.
        $stuck = new Coupled([new HungString(1, 1e4, 80.0, 79.0, 70.0), new HungString(2, 1e4, 10.0, 80.0, 90.0)], [1, 2], 1e-4);
        self::assertSame(1 / 64, $stuck->share());
        self::assertTrue($stuck->isStuck());
        self::assertNull(self::foretold($stuck, [])->passes);
        $free = new Coupled([new HungString(1, 1e4, 80.0, 79.0, 200.0), new HungString(2, 1e4, 10.0, 80.0, 90.0)], [1, 2], 1e-4);
        self::assertSame(1.0, $free->share());
        self::assertFalse($free->isStuck());
        // At most half of the way lies under the ceiling of 86 N: 80 + ½ · 12.
        $half = new Coupled([new HungString(1, 1e4, 80.0, 80.0, 80.0 + 0.5 * 58.34), new HungString(2, 1e4, 10.0, 80.0)], [1, 2], 1e-4);
        self::assertContains($half->share(), [0.5, 0.75, 0.25]);
        foreach ($half->part($half->share())->leaveN() as $position => $leaveN) {
            self::assertLessThanOrEqual($position === 1 ? 80.0 + 0.5 * 58.34 : INF, $leaveN);
        }
    }

    /** @param  list<Ends>  $mayBe */
    private static function foretold(Coupled $planned, array $mayBe): Foretold
    {
        return Foretold::of($planned, $mayBe, true, 3.0, static fn (int $position, float $tensionN): float => self::cents($planned->string($position), $tensionN));
    }

    private static function cents(HungString $string, float $tensionN): float
    {
        return 600 * log(max(1e-9, $tensionN) / $string->wantedN, 2);
    }

    /**
     * @param  list<HungString>  $strings
     * @return array<int, float>
     */
    private static function known(array $strings): array
    {
        return array_column(array_map(static fn (HungString $string): array => [$string->position, $string->stiffnessNPerM], $strings), 1, 0);
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
