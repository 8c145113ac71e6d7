<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Playing\BestPlace;
use Lira\Playing\FretReading;
use Lira\Playing\NeckRead;
use Lira\Playing\NutHeight;
use Lira\Playing\OddFret;
use Lira\Playing\PlayedString;
use Lira\Playing\ReadString;
use Lira\Playing\StiffnessShare;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** What stopped pitches say of a neck: simulated ones, of which the truth is known. */
final class NeckReadTest extends CoreTestCase
{
    private const HIGH_M = 0.0002;

    /** Each of the first five frets read twice, with a cent of spread. */
    public function test_a_nut_that_is_too_high_is_found(): void
    {
        $document = Necks::electric();
        $usualM = $document->design->instrument->setup->nutHeightM;
        [$near, $within] = [0, 0];
        for ($seed = 0; $seed < 100; $seed++) {
            $random = new Randomizer(new Mt19937($seed));
            $nut = NutHeight::read(array_map(static function (PlayedString $played) use ($random, $usualM): ReadString {
                $real = $played->overNut($usualM + self::HIGH_M);
                $place = BestPlace::ofSaddle($real)->place;
                $cents = array_map(static fn (int $fret): float => $real->centsAt($fret, $place) + (self::normal($random) + self::normal($random)) / 2, array_combine(range(1, 5), range(1, 5)));

                return new ReadString($played, $place, 0.0, $cents);
            }, Necks::played($document)), $usualM, 0.5, 1 / sqrt(2));
            self::assertNotNull($nut);
            self::assertSame(30, $nut->readings);
            $near += (int) (abs($nut->heightM - $usualM - self::HIGH_M) <= 0.00006);
            $within += (int) ($nut->range()->low <= $usualM + self::HIGH_M && $nut->range()->high >= $usualM + self::HIGH_M);
        }
        self::assertGreaterThanOrEqual(90, $near);
        self::assertGreaterThanOrEqual(88, $within, 'its range has it as often as it says');
    }

    public function test_without_spread_it_is_found_but_for_what_was_usual(): void
    {
        $document = Necks::electric();
        $usualM = $document->design->instrument->setup->nutHeightM;
        $read = array_map(static function (PlayedString $played) use ($usualM): ReadString {
            $real = $played->overNut($usualM + self::HIGH_M);

            return new ReadString($played, BestPlace::ofSaddle($played)->place, 0.0, [1 => $real->centsAt(1, BestPlace::ofSaddle($played)->place), 9 => 40.0]);
        }, Necks::played($document));
        $nut = NutHeight::read($read, $usualM, 0.5, 0.01);
        self::assertNotNull($nut);
        self::assertEqualsWithDelta($usualM + self::HIGH_M, $nut->heightM, 1e-6);
        self::assertSame(6, $nut->readings, 'the ninth fret says nothing of the nut');
        self::assertNull(NutHeight::read([new ReadString($read[0]->string, $read[0]->place, 0.0, [9 => 1.0])], $usualM));
    }

    /** Its saddle shifts all frets of a string alike: where nobody found it, less is left to tell the nut by. */
    public function test_a_saddle_that_nobody_found_leaves_less_to_tell_by(): void
    {
        $played = Necks::played(Necks::electric());
        $sd = static fn (float $placeSdM): float => NutHeight::read(array_map(
            static fn (PlayedString $one): ReadString => new ReadString($one, BestPlace::ofSaddle($one)->place, $placeSdM, [1 => 0.0, 2 => 0.0, 3 => 0.0]), $played,
        ), 0.00035)->sdM ?? INF;
        self::assertGreaterThan(1.05 * $sd(0.0), $sd(0.001));
        self::assertLessThan(0.00015, $sd(0.001));
    }

    public function test_how_stiff_strings_really_are_is_read_up_the_neck(): void
    {
        $read = static fn (float $share, float $placeSdM = 0.0): array => StiffnessShare::read(array_map(static function (PlayedString $played) use ($share, $placeSdM): ReadString {
            $place = BestPlace::ofSaddle($played)->place;

            return new ReadString($played, $place, $placeSdM, array_map(static fn (int $fret): float => $played->centsAt($fret, $place, $share), [7 => 7, 12 => 12, 15 => 15]));
        }, Necks::played(Necks::electric())));
        // Six strings against a prior of two.
        self::assertEqualsWithDelta((2 * 0.5 + 6 * 0.8) / 8, $read(0.8)['share'], 1e-9);
        self::assertSame(6, $read(0.8)['strings']);
        self::assertSame(['share' => 0.5, 'strings' => 0], $read(0.8, 0.001), 'where no saddle was found nothing is learned');
    }

    public function test_a_fret_off_its_neighbours_on_two_strings_is_named(): void
    {
        $flat = [11 => 0.2, 12 => -6.0, 13 => 0.4, 14 => 0.0];
        $odd = OddFret::among([2 => $flat, 3 => [11 => 1.0, 12 => -4.2, 13 => 1.0], 5 => [11 => 0.0, 12 => 0.0, 13 => 0.0]]);
        self::assertCount(1, $odd);
        self::assertSame([12, [2, 3]], [$odd[0]->fret, $odd[0]->positions]);
        self::assertEqualsWithDelta((-6.3 - 5.2) / 2, $odd[0]->cents, 1e-9);
        self::assertSame([], OddFret::among([2 => $flat]), 'one string alone may be at fault itself');
        self::assertSame([], OddFret::among([2 => $flat, 3 => [11 => 0.0, 12 => 6.0, 13 => 0.0]]), 'flat on one and sharp on the other is no fret');
        self::assertSame([], OddFret::among([2 => [11 => 0.0, 12 => 3.9, 13 => 0.0], 3 => [11 => 0.0, 12 => 3.9, 13 => 0.0]]));
        self::assertCount(1, OddFret::among([2 => [11 => 0.0, 12 => 4.0, 13 => 0.0], 3 => [11 => 0.0, 12 => 4.0, 13 => 0.0]]));
        self::assertSame([], OddFret::among([2 => [12 => 9.0, 13 => 0.0], 3 => [12 => 9.0, 13 => 0.0]]), 'without both neighbours nothing is said');
    }

    public function test_a_fret_that_stands_wrong_does_not_blame_its_neighbours(): void
    {
        $high = [6 => 0.0, 7 => 0.0, 8 => 10.0, 9 => 0.0, 10 => 0.0];
        $odd = OddFret::among([1 => $high, 4 => $high]);
        self::assertSame([8], array_map(static fn (OddFret $each): int => $each->fret, $odd));
        self::assertEqualsWithDelta(10.0, $odd[0]->cents, 1e-9);
    }

    public function test_a_whole_neck_that_was_read(): void
    {
        $document = Necks::electric();
        $usualM = $document->design->instrument->setup->nutHeightM;
        $readings = [];
        foreach (Necks::played($document) as $index => $played) {
            $real = $played->overNut($usualM + self::HIGH_M);
            $place = BestPlace::ofSaddle($real)->place;
            foreach (range(1, 12) as $fret) {
                $cents = $real->centsAt($fret, $place) + ($fret === 9 ? 7.0 : 0.0);
                $openHz = 100.0;
                $readings[] = FretReading::of($index + 1, 0, $fret, $openHz, $openHz * 2 ** ((100 * $fret + $cents) / 1200));
            }
        }
        $read = NeckRead::of($document->design, $document->evaluation(), 0, $readings);
        self::assertEqualsWithDelta($usualM + self::HIGH_M, $read->nut?->heightM, 0.00008);
        self::assertSame([9], array_map(static fn (OddFret $odd): int => $odd->fret, $read->odd));
        self::assertSame([1, 2, 3, 4, 5, 6], $read->odd[0]->positions);
        self::assertCount(12, $read->cents[3]);
        // Read twice over it is as sure as with readings half as good again.
        $twice = NeckRead::of($document->design, $document->evaluation(), 0, [...$readings, ...$readings]);
        self::assertLessThan($read->nut->sdM ?? 0.0, $twice->nut?->sdM);
        self::assertCount(12, $twice->cents[3]);
        // A nut that was measured is not read.
        $measured = Necks::electric(['nut_height_mm' => 0.35]);
        self::assertNull(NeckRead::of($measured->design, $measured->evaluation(), 0, $readings)->nut);
        self::assertNull(NeckRead::of($measured->design, $measured->evaluation(), 0, $readings)->nutRangeM());
    }

    /** Normal, by Box and Muller. */
    private static function normal(Randomizer $random): float
    {
        $even = static fn (): float => $random->getInt(1, 2 ** 31 - 1) / 2 ** 31;

        return sqrt(-2 * log($even())) * cos(2 * M_PI * $even());
    }
}
