<?php

declare(strict_types=1);

namespace Tests\Core\Life;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Life\Due;
use Lira\Life\Exposure;
use Lira\Life\Family;
use Lira\Life\Life;
use Lira\Life\Seen;
use Lira\Life\Shapes;
use Lira\Life\Together;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** How long strings last: held to workshops whose truth is known. */
final class LifeTest extends CoreTestCase
{
    private const WORKSHOPS = 400;

    /** What one string of a set shares with the others of it, in the workshops that are drawn. */
    private const SHARED = 0.7;

    public function test_with_nothing_learned_it_is_as_usual(): void
    {
        $life = Life::of(40.0, []);

        self::assertClose(40.0, $life->quantileH(0.5), 1e-9);
        self::assertClose(40.0, $life->medianH()->estimate, 1e-9);
        self::assertClose(0.5, $life->gone(40.0), 1e-12);
        self::assertSame([0, 0, 0.0], [$life->learnedFrom, $life->changes, $life->countsAs]);
        self::assertExact($life->survival(0.0));
        // The mean of the shapes on the grid under their prior.
        self::assertEqualsWithDelta(2.3458, $life->shape(), 1e-4);
        self::assertLessThan(40.0, $life->medianH()->low);
        self::assertGreaterThan(40.0, $life->medianH()->high);
    }

    public function test_strings_still_on_count_as_not_yet_ended(): void
    {
        $ended = Life::of(40.0, [Together::of([30.0], []), Together::of([35.0], [])]);
        $on = Life::of(40.0, [Together::of([30.0], []), Together::of([35.0], []), Together::of([], [60.0]), Together::of([], [65.0])]);

        self::assertGreaterThan($ended->quantileH(0.5), $on->quantileH(0.5));
        self::assertSame([[2, 2], [2, 2]], [[$ended->learnedFrom, $on->learnedFrom], [$ended->changes, $on->changes]]);
        // Each more that ended makes it surer, and each that ended where the others did makes them the more alike.
        $many = Life::of(40.0, array_fill(0, 30, Together::of([40.0], [])));
        self::assertLessThan($ended->medianH()->width(), $many->medianH()->width());
        self::assertGreaterThan(4.0, $many->shape());
        self::assertGreaterThan(26.0, $many->quantileH(0.1));
    }

    public function test_strings_of_one_set_are_not_as_many_witnesses(): void
    {
        $together = Life::of(40.0, [Together::of(array_fill(0, 6, 20.0), [])]);
        $apart = Life::of(40.0, array_fill(0, 6, Together::of([20.0], [])));

        self::assertClose(6 / (1 + 0.7 * 5), $together->countsAs, 1e-12);
        self::assertClose(6.0, $apart->countsAs, 1e-12);
        self::assertSame([6, 1, 6, 6], [$together->learnedFrom, $together->changes, $apart->learnedFrom, $apart->changes]);
        self::assertGreaterThan($apart->quantileH(0.5), $together->quantileH(0.5));
        self::assertGreaterThan($apart->medianH()->width(), $together->medianH()->width());
        // Those still on share it too.
        self::assertClose(2 / (1 + 0.7 * 3), Life::of(40.0, [Together::of([20.0, 21.0], [22.0, 22.0])])->countsAs, 1e-12);
    }

    public function test_what_is_asked_about_does_not_vouch_for_itself(): void
    {
        $own = Together::of([25.0], [31.0, 31.0]);
        $others = [Together::of([38.0, 41.0], [41.0]), Together::of([], [12.0])];
        $without = Life::from(Seen::of(40.0, [...$others, $own])->narrowed($own, $own->ended()));
        $never = Life::of(40.0, [...$others, Together::of([25.0], [])]);

        self::assertClose($never->quantileH(0.2), $without->quantileH(0.2), 1e-9);
        self::assertClose($never->shape(), $without->shape(), 1e-9);
        self::assertSame([$never->learnedFrom, $never->changes], [$without->learnedFrom, $without->changes]);
    }

    public function test_a_string_that_broke_as_it_was_fitted_counts_as_minutes(): void
    {
        $life = Life::of(40.0, [Together::of([0.0], []), Together::of([], [0.0])]);

        self::assertGreaterThan(5.0, $life->quantileH(0.5));
        self::assertLessThan(40.0, $life->quantileH(0.5));
        self::assertSame(1, $life->learnedFrom);
    }

    /**
     * Workshops whose shape and rate are drawn from the prior: where a new string's end is said to lie in 4 cases of 5, it lies as often;
     * the more is known, the nearer.
     */
    #[DataProvider('changes')]
    public function test_one_string_ends_within_its_range_as_often_as_it_says(int $changes, ?float $shape, int $inASet): void
    {
        $random = new Randomizer(new Mt19937(15 + $changes + $inASet));
        [$within, $medians, $isDrawn] = [0, 0, $shape === null && $inASet === 1];
        for ($workshop = 0; $workshop < self::WORKSHOPS; $workshop++) {
            $k = $shape ?? self::drawnShape($random);
            // λ of a gamma of shape 1 and rate 40^k: an exponential.
            $median = 40.0 * (M_LN2 / self::exponential($random)) ** (1 / $k);
            $life = Life::of(40.0, self::lived($random, $changes, $inASet, $median, $k));
            $next = self::ends($median, $k, self::exponential($random));
            $within += $next >= $life->quantileH(0.1) && $next <= $life->quantileH(0.9) ? 1 : 0;
            if ($isDrawn) {
                $half = $life->medianH();
                $medians += $median >= $half->low && $median <= $half->high ? 1 : 0;
            }
        }
        self::assertGreaterThanOrEqual(0.75 * self::WORKSHOPS, $within);
        self::assertLessThanOrEqual(0.87 * self::WORKSHOPS, $within);
        if ($isDrawn) {
            self::assertGreaterThanOrEqual(0.75 * self::WORKSHOPS, $medians);
            self::assertLessThanOrEqual(0.87 * self::WORKSHOPS, $medians);
        }
    }

    /** @return iterable<string, array{int, ?float, int}> changes, their shape where it is not drawn, strings in a set */
    public static function changes(): iterable
    {
        yield 'a new family' => [0, null, 1];
        yield 'three changes' => [3, null, 1];
        yield 'twenty changes' => [20, null, 1];
        yield 'twenty that end by chance' => [20, 1.5, 1];
        yield 'twenty that end alike' => [20, 4.0, 1];
        yield 'three sets of six' => [3, null, 6];
        yield 'twenty sets of six' => [20, null, 6];
    }

    /** @return iterable<int, array{float}> */
    public static function hours(): iterable
    {
        yield from [[5.0], [20.0], [40.0], [70.0]];
    }

    #[DataProvider('hours')]
    public function test_the_drawn_band_holds_the_share_as_often_as_it_says(float $hours): void
    {
        $random = new Randomizer(new Mt19937(21));
        $within = 0;
        for ($workshop = 0; $workshop < self::WORKSHOPS / 2; $workshop++) {
            $k = self::drawnShape($random);
            $median = 40.0 * (M_LN2 / self::exponential($random)) ** (1 / $k);
            $band = Life::of(40.0, self::lived($random, 6, 1, $median, $k))->survival($hours);
            $truth = 2 ** -(($hours / $median) ** $k);
            $within += $truth >= $band->low && $truth <= $band->high ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.74 * self::WORKSHOPS / 2, $within);
        self::assertLessThanOrEqual(0.88 * self::WORKSHOPS / 2, $within);
    }

    public function test_a_prior_that_is_wrong_by_two_is_mostly_forgotten_after_twenty_changes(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $off = [];
        foreach ([10, 20] as $changes) {
            $ratios = [];
            for ($workshop = 0; $workshop < self::WORKSHOPS / 2; $workshop++) {
                $ratios[] = Life::of(80.0, self::lived($random, $changes, 1, 40.0, 2.2))->quantileH(0.5) / 40.0;
            }
            sort($ratios);
            $off[$changes] = $ratios[intdiv(count($ratios), 2)] - 1;
        }
        self::assertLessThan(0.16, $off[10]);
        self::assertLessThan(0.09, $off[20]);
        self::assertGreaterThan(0.0, $off[20]);
    }

    #[DataProvider('strings')]
    public function test_strings_that_wear_alike_are_one_family(Construction $construction, Material $material, Kind $kind, Family $family, float $hours): void
    {
        $string = StringType::of($construction, $material, Length::thousandths(30));

        self::assertSame($family, Family::of($string, $kind));
        self::assertSame($hours, $family->usualMedianH());
        self::assertSame(3 * $hours, $family->usualMedianH(coated: true));
        self::assertNotSame('', $family->label());
    }

    /** @return iterable<string, array{Construction, Material, Kind, Family, float}> */
    public static function strings(): iterable
    {
        yield 'plain steel' => [Construction::Plain, Material::MusicWire, Kind::AcousticGuitar, Family::Steel, 40.0];
        yield 'nickel' => [Construction::RoundWound, Material::PureNickel, Kind::ElectricGuitar, Family::Steel, 40.0];
        yield 'nickel on a bass' => [Construction::RoundWound, Material::NickelPlatedSteel, Kind::Bass, Family::BassSteel, 150.0];
        yield 'bronze' => [Construction::RoundWound, Material::Bronze8020, Kind::AcousticGuitar, Family::Bronze, 30.0];
        yield 'plain nylon' => [Construction::Plain, Material::Nylon, Kind::ClassicalGuitar, Family::NylonTreble, 150.0];
        yield 'wound on floss' => [Construction::RoundWound, Material::SilverPlatedCopper, Kind::ClassicalGuitar, Family::NylonBass, 60.0];
        yield 'elastomer' => [Construction::Plain, Material::Polyurethane, Kind::ElastomerBass, Family::Elastomer, 300.0];
    }

    public function test_hours_in_heat_and_sweat_count_for_more(): void
    {
        $usual = new Exposure;
        self::assertSame(2.0, $usual->countedH(2.0, heat: false, salt: false, sweat: false));
        self::assertClose(2.0 / 0.6, $usual->countedH(2.0, heat: true, salt: false, sweat: false), 1e-12);
        self::assertClose(2.0 / 0.36, $usual->countedH(2.0, heat: false, salt: true, sweat: true), 1e-12);
        self::assertSame(3.0, (new Exposure(heat: 1.5))->countedH(2.0, heat: true, salt: false, sweat: false));
    }

    public function test_they_are_due_once_their_hours_are_played(): void
    {
        $life = Life::of(40.0, []);
        $due = Due::of($life, 10.0, 5.0);
        self::assertClose(0.25, $due->shareUsed, 1e-9);
        self::assertClose(6.0, $due->dueInWeeks, 1e-9);
        self::assertClose(max(0.0, ($life->quantileH(0.1) - 10) / 5), $due->earliestInWeeks, 1e-9);
        self::assertClose(($life->quantileH(0.9) - 10) / 5, $due->latestInWeeks, 1e-9);
        $over = Due::of($life, 90.0, 5.0);
        self::assertSame([0.0, 0.0], [$over->dueInWeeks, $over->earliestInWeeks]);
        self::assertGreaterThan(2.0, $over->shareUsed);
    }

    /**
     * Sets of strings that end alike, every fourth changed early whatever it would have lasted.
     *
     * @return list<Together>
     */
    private static function lived(Randomizer $random, int $changes, int $inASet, float $median, float $shape): array
    {
        $groups = [];
        for ($change = 0; $change < $changes; $change++) {
            $shared = self::normal($random);
            $early = $change % 4 === 3 ? 0.8 * $median : INF;
            [$ended, $running] = [[], []];
            for ($string = 0; $string < $inASet; $string++) {
                $normal = $inASet === 1 ? $shared : sqrt(self::SHARED) * $shared + sqrt(1 - self::SHARED) * self::normal($random);
                $lasts = self::ends($median, $shape, -log(self::above($normal)));
                $lasts > $early ? $running[] = $early : $ended[] = $lasts;
            }
            $groups[] = Together::of($ended, $running);
        }

        return $groups;
    }

    private static function drawnShape(Randomizer $random): float
    {
        $weights = array_map(static fn (float $shape): float => exp(Shapes::logPrior($shape)), Shapes::all());
        $at = $random->getInt(0, 999_999) / 1e6 * array_sum($weights);
        foreach (Shapes::all() as $index => $shape) {
            $at -= $weights[$index];
            if ($at <= 0.0) {
                return $shape;
            }
        }

        return 6.0;
    }

    /** Of a Weibull with this median. @param  float  $risk  an exponential of 1 */
    private static function ends(float $median, float $shape, float $risk): float
    {
        return $median * ($risk / M_LN2) ** (1 / $shape);
    }

    private static function exponential(Randomizer $random): float
    {
        return -log(($random->getInt(1, 1_000_000) - 0.5) / 1_000_000);
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(2 * self::exponential($random)) * cos(2 * M_PI * $random->getInt(0, 999_999) / 1e6);
    }

    /** The share of a normal above it (Abramowitz and Stegun 26.2.17, to 7.5e-8). */
    private static function above(float $normal): float
    {
        $t = 1 / (1 + 0.2316419 * abs($normal));
        $tail = exp(-($normal ** 2) / 2) / sqrt(2 * M_PI) * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return max(1e-12, $normal > 0 ? $tail : 1 - $tail);
    }
}
