<?php

declare(strict_types=1);

namespace Tests\Core\Supply;

use Lira\Supply\Offer;
use Lira\Supply\TopUp;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

final class TopUpTest extends CoreTestCase
{
    public function test_the_least_that_reaches_a_sum_is_found(): void
    {
        $topUp = new TopUp([new Offer('a', 1, 300, ['a' => 1]), new Offer('b', 1, 120, ['b' => 1])]);

        self::assertSame(240, self::sum($topUp->reaching(180, 500)));
        self::assertSame(300, self::sum($topUp->reaching(241, 500)));
        self::assertSame(480, self::sum($topUp->reaching(421, 500)));
        self::assertNull($topUp->reaching(481, 500), 'nothing lies between');
        self::assertNull($topUp->reaching(500, 500), 'it costs as much as the parcel');
        self::assertNull((new TopUp([]))->reaching(1, 500));
        self::assertNull((new TopUp([new Offer('free', 1, 0, ['a' => 1])]))->reaching(1, 500), 'what costs nothing adds nothing');
    }

    public function test_no_smaller_sum_could_be_spent(): void
    {
        $random = new Randomizer(new Mt19937(20260214));
        for ($case = 0; $case < 200; $case++) {
            $prices = array_map(static fn (): int => $random->getInt(30, 400), range(1, $random->getInt(1, 4)));
            $topUp = new TopUp(array_map(static fn (int $cents): Offer => new Offer("o{$cents}", 1, $cents, ['a' => 1]), $prices));
            $spendable = [0 => true];
            for ($sum = 0; $sum < 2500; $sum++) {
                foreach (isset($spendable[$sum]) ? $prices : [] as $cents) {
                    $spendable[$sum + $cents] = true;
                }
            }
            foreach ([1, 77, 500, 1999] as $gap) {
                $least = null;
                for ($sum = $gap; $sum < 2000 && $least === null; $sum++) {
                    $least = isset($spendable[$sum]) ? $sum : null;
                }
                $found = $topUp->reaching($gap, 2000);
                self::assertSame($least, $found === null ? null : self::sum($found), implode(' ', $prices)." for {$gap}");
            }
        }
    }

    public function test_a_far_sum_is_reached_in_good_measure(): void
    {
        $topUp = new TopUp([new Offer('a', 1, 730, ['a' => 1]), new Offer('b', 1, 119, ['b' => 1])]);
        $sum = self::sum($topUp->reaching(900_001, 1_000_000));

        self::assertGreaterThanOrEqual(900_001, $sum);
        self::assertLessThan(900_001 + 119, $sum);
    }

    /** @param  list<array{Offer, int}>|null  $bought */
    private static function sum(?array $bought): int
    {
        self::assertNotNull($bought);

        return array_sum(array_map(static fn (array $some): int => $some[0]->cents * $some[1], $bought));
    }
}
