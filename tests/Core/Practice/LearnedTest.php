<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use Lira\Certainty\Interval;
use Lira\Intonation\SaddleMove;
use Lira\Intonation\SetbackShare;
use Lira\Relief\Action;
use Lira\Relief\Relief;
use Lira\Settling\Seating;
use Tests\Core\CoreTestCase;

/** What is learned of an instrument by what was read of it. */
final class LearnedTest extends CoreTestCase
{
    public function test_seating_goes_by_the_usual_until_rounds_have_told(): void
    {
        self::assertNull(Seating::of([])->roundsLeft(3.0));
        self::assertNull(Seating::of([])->nextCents());
        self::assertClose(0.4, Seating::of([-50.0])->ratio, 1e-12);
        // ln(3/50)/ln 0.4 = 3.07: four rounds; exactly at the tolerance is within it.
        self::assertSame(4, Seating::of([-50.0])->roundsLeft(3.0));
        self::assertSame(0, Seating::of([-50.0, -3.0])->roundsLeft(3.0));
        self::assertSame(0, Seating::of([-50.0, -3.0])->roundsMost(3.0));
        self::assertNull(Seating::of([])->roundsMost(3.0));
        self::assertSame(0, Seating::of([0.2])->roundsLeft(3.0));
        // Drifts below a cent are not told apart, and no ratio is beyond what strings do.
        self::assertSame(Seating::of([-10.0, -1.0])->ratio, Seating::of([-10.0, 0.1])->ratio);
        self::assertSame(0.95, Seating::of([-1.0, -200.0, -3000.0])->ratio);
    }

    public function test_a_second_reading_goes_with_the_first(): void
    {
        // 10 cents sharp on 648 mm asks for 3.8 mm; moved by 3, at 2 cents the place lies between what both foretell.
        $first = SaddleMove::of(12, 100.0, 200.0 * 2 ** (10 / 1200), 0.648, 0.648);
        self::assertEqualsWithDelta(3.76e-3, $first->moveM, 0.02e-3);
        $alone = SaddleMove::of(12, 100.0, 200.0 * 2 ** (2 / 1200), 0.651, 0.648);
        $second = SaddleMove::of(12, 100.0, 200.0 * 2 ** (2 / 1200), 0.651, 0.648, ['errorCents' => 10.0, 'movedM' => 0.003]);
        self::assertEqualsWithDelta(($first->moveM - 0.003 + 2 * 0.003 / 8) / 2, $second->moveM, 1e-9);
        self::assertLessThan($alone->uncertaintyM, $second->uncertaintyM);
        // A first move that told nonsense is not gone by.
        $nonsense = SaddleMove::of(12, 100.0, 200.0 * 2 ** (2 / 1200), 0.651, 0.648, ['errorCents' => 40.0, 'movedM' => 0.003]);
        self::assertEqualsWithDelta(($alone->moveM + SaddleMove::of(12, 100.0, 200.0 * 2 ** (40 / 1200), 0.648, 0.648)->moveM - 0.003) / 2, $nonsense->moveM, 1e-9);
        self::assertFalse(SaddleMove::of(12, 100.0, 200.0 * 2 ** (0.3 / 1200), 0.648, 0.648)->isWorthIt());
        self::assertTrue($first->isWorthIt());
        self::assertClose($first->moveM / 0.0005, $first->turns(0.0005), 1e-12);
    }

    /** Where the first move changed no more than four cents it tells no millimetres a cent of its own. */
    public function test_a_small_change_tells_nothing_by_itself(): void
    {
        $of = static fn (float $changed): float => SaddleMove::of(12, 100.0, 200.0 * 2 ** (2 / 1200), 0.6492, 0.648, ['errorCents' => 2.0 + $changed, 'movedM' => 0.0012])->moveM;
        $mean = static fn (float $alone, float $changed): float => ($alone + SaddleMove::of(12, 100.0, 200.0 * 2 ** ((2 + $changed) / 1200), 0.648, 0.648)->moveM - 0.0012) / 2;
        $alone = SaddleMove::of(12, 100.0, 200.0 * 2 ** (2 / 1200), 0.6492, 0.648)->moveM;
        self::assertEqualsWithDelta($mean($alone, 3.98), $of(3.98), 1e-9);
        self::assertEqualsWithDelta($mean(2 * 0.0012 / 4.02, 4.02), $of(4.02), 1e-9);
    }

    /** Worked out apart from the code, by Δ = (L − R l)/(R − 1), l = L − L₀ (1 − 2^(−k/12)), R = (L/l) 2^(−e/1200). */
    public function test_a_saddle_moves_as_far_as_was_worked_out_by_hand(): void
    {
        $of = static fn (float $cents, int $fret, float $lengthM, float $scaleM, ?float $beforeCents = null): SaddleMove => SaddleMove::of(
            $fret, 100.0, 100.0 * 2 ** ($fret / 12 + $cents / 1200), $lengthM, $scaleM, $beforeCents === null ? null : ['errorCents' => $beforeCents, 'movedM' => 0.002],
        );
        self::assertClose(3.04335508e-3, $of(8, 12, 0.650, 0.648)->moveM, 1e-7);
        self::assertClose(2.44420303e-3, $of(8, 14, 0.650, 0.648)->moveM, 1e-7);
        self::assertClose(-8.86516660e-3, $of(-6, 5, 0.865, 0.8636)->moveM, 1e-7);
        // L ln 2/1200/(2^(k/12) − 1): 0.375 mm a cent at the 12th fret, 0.302 at the 14th; √2 half cents of it, or one beside an earlier one.
        self::assertClose(M_SQRT1_2 * 0.375454723e-3, $of(8, 12, 0.650, 0.648)->uncertaintyM, 1e-7);
        self::assertClose(M_SQRT1_2 * 0.301588445e-3, $of(8, 14, 0.650, 0.648)->uncertaintyM, 1e-7);
        self::assertClose(0.5 * 0.375454723e-3, $of(8, 12, 0.650, 0.648, 9.0)->uncertaintyM, 1e-7);
        self::assertEqualsWithDelta(2.0, $of(8, 12, 0.650, 0.648)->leftCents($of(8, 12, 0.650, 0.648)->moveM - 2 * 0.375454723e-3), 1e-6);
        // What the first move changed is gone by from 4 cents on.
        self::assertClose(1.09800289e-3, $of(2.5, 12, 0.652, 0.648, 9.0)->moveM, 1e-7);
        self::assertClose(0.86360290e-3, $of(2.5, 12, 0.652, 0.648, 6.6)->moveM, 1e-7);
        self::assertClose(0.69325613e-3, $of(2.5, 12, 0.652, 0.648, 6.4)->moveM, 1e-7);
    }

    public function test_where_saddles_are_found_sharpens_where_they_are_foretold(): void
    {
        $range = Interval::around(2.0, 1.0, 3.0);
        self::assertSame(0.5, SetbackShare::of([]));
        // Three at the far end beside a prior of two in the middle: (1 + 3)/5.
        self::assertClose(0.8, SetbackShare::of(array_fill(0, 3, ['found' => 3.0, 'range' => $range])), 1e-12);
        self::assertSame(0.5, SetbackShare::of([['found' => 9.0, 'range' => Interval::exact(2.0)]]));
    }

    public function test_relief_is_foretold_within_its_range(): void
    {
        $usual = Relief::learned([])->forecastM(100.0);
        self::assertClose(0.15e-3, $usual['estimate'], 1e-12);
        // ± 1.96 √((100 · 0.75e-6)² + (0.03e-3)²)
        self::assertEqualsWithDelta(1.96 * hypot(0.075e-3, 0.03e-3), $usual['high'] - $usual['estimate'], 1e-9);
        $learned = Relief::learned(array_fill(0, 6, ['changeN' => 80.0, 'byM' => 0.24e-3]));
        self::assertEqualsWithDelta(3e-6, $learned->mPerN, 0.1e-6);
        self::assertLessThan($usual['high'] - $usual['low'], $learned->forecastM(100.0)['high'] - $learned->forecastM(100.0)['low']);
        // No neck bends the other way.
        self::assertSame(0.0, Relief::learned([['changeN' => 200.0, 'byM' => -1e-3]])->mPerN);
    }

    public function test_action_follows_relief_as_a_neck_bends(): void
    {
        // A neck drawn point by point: bent evenly from where it meets the body at the 14th fret, by half a millimetre of relief.
        $toFret = static fn (int $fret): float => 0.648 * (1 - 2 ** (-$fret / 12));
        $bent = $toFret(14);
        $radius = $bent ** 2 / (8 * 0.0005);
        $rise = static fn (float $fromNut): float => $radius - sqrt($radius ** 2 - ($bent - $fromNut) ** 2);
        $under = static fn (float $fromNut): float => $rise(0.0) * (1 - $fromNut / 0.648);
        $middle = $bent / 2;
        $relief = $rise(0.0) / 2 - $rise($middle);
        self::assertEqualsWithDelta(0.0005, $relief, 1e-7);
        $action = $under($toFret(12)) - $rise($toFret(12));

        self::assertEqualsWithDelta($action / $relief, Action::perRelief(), 0.001);
        self::assertEqualsWithDelta(1.96, Action::perRelief(), 0.005);
        self::assertEqualsWithDelta(1.96 * 0.15e-3, Action::learned([])->forecastM(100.0)['estimate'], 1e-6);
        // Known to 0.6 of itself, and two heights are read to 0.07 mm.
        $usual = Action::learned([])->forecastM(100.0);
        self::assertEqualsWithDelta(1.96 * hypot(0.6 * 1.9613 * 0.15e-3, 0.07e-3), $usual['high'] - $usual['estimate'], 2e-7);
        self::assertEqualsWithDelta(1.96 * hypot(0.6 * 1.9613 * 0.15e-3, 0.07e-3), $usual['estimate'] - $usual['low'], 2e-7);
        // One pair of 60 N and 0.3 mm: (60 · 0.3e-3/r² + m₀/s²)/(60²/r² + 1/s²).
        $one = Action::learned([['changeN' => 60.0, 'byM' => 0.3e-3]])->mPerN;
        [$r2, $m0, $s2] = [0.07e-3 ** 2, 1.9613 * 1.5e-6, (0.6 * 1.9613 * 1.5e-6) ** 2];
        self::assertClose((60 * 0.3e-3 / $r2 + $m0 / $s2) / (3600 / $r2 + 1 / $s2), $one, 1e-4);
        $learned = Action::learned(array_fill(0, 10, ['changeN' => -90.0, 'byM' => -0.45e-3]));
        self::assertEqualsWithDelta(5e-6, $learned->mPerN, 0.1e-6);
        self::assertLessThan(0.0, $learned->forecastM(-90.0)['high']);
    }
}
