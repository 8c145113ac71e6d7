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
        $learned = Action::learned(array_fill(0, 10, ['changeN' => -90.0, 'byM' => -0.45e-3]));
        self::assertEqualsWithDelta(5e-6, $learned->mPerN, 0.1e-6);
        self::assertLessThan(0.0, $learned->forecastM(-90.0)['high']);
    }
}
