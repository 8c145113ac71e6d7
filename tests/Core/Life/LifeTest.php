<?php

declare(strict_types=1);

namespace Tests\Core\Life;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Life\Due;
use Lira\Life\Exposure;
use Lira\Life\Family;
use Lira\Life\Life;
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
    private const WORKSHOPS = 300;

    public function test_with_nothing_learned_it_is_as_usual(): void
    {
        $life = Life::of(40.0, [], []);

        self::assertClose(40.0, $life->medianH(), 1e-12);
        self::assertSame(0, $life->learnedFrom);
        self::assertClose(0.5, $life->survival($life->medianH()), 1e-12);
        self::assertSame(1.0, $life->survival(0.0));
        self::assertLessThan(40.0, $life->lowH());
        self::assertGreaterThan(40.0, $life->highH());
    }

    public function test_strings_still_on_count_as_not_yet_ended(): void
    {
        $ended = Life::of(40.0, [30.0, 35.0], []);
        $on = Life::of(40.0, [30.0, 35.0], [60.0, 65.0]);

        self::assertGreaterThan($ended->medianH(), $on->medianH());
        self::assertSame([2, 2], [$ended->learnedFrom, $on->learnedFrom]);
        // Each more that ended makes it surer.
        $many = Life::of(40.0, array_fill(0, 30, 40.0), []);
        self::assertLessThan($ended->highH() - $ended->lowH(), $many->highH() - $many->lowH());
    }

    /** 300 workshops whose rate is drawn from the prior: the 80 % range holds the truth 75 to 85 times in 100, the median's bias is under 5 %. */
    public function test_the_range_holds_the_truth_as_often_as_it_says(): void
    {
        foreach ([0, 3, 10, 20] as $strings) {
            $random = new Randomizer(new Mt19937(15));
            [$within, $ratios] = [0, []];
            for ($workshop = 0; $workshop < self::WORKSHOPS; $workshop++) {
                // λ of a gamma of shape 2: the sum of two exponentials.
                $rate = (self::exponential($random) + self::exponential($random)) / (2 * 40.0 ** 2 / M_LN2);
                $truth = sqrt(M_LN2 / $rate);
                [$ended, $running] = self::lived($random, $strings, $rate);
                $life = Life::of(40.0, $ended, $running);
                $within += $truth >= $life->lowH() && $truth <= $life->highH() ? 1 : 0;
                $ratios[] = log($life->medianH() / $truth);
            }
            self::assertGreaterThanOrEqual(0.75 * self::WORKSHOPS, $within, "{$strings} strings");
            self::assertLessThanOrEqual(0.85 * self::WORKSHOPS, $within, "{$strings} strings");
            sort($ratios);
            if ($strings > 0) {
                self::assertLessThan(0.05, abs(expm1($ratios[intdiv(self::WORKSHOPS, 2)])), "{$strings} strings");
            }
        }
    }

    public function test_a_prior_that_is_wrong_by_two_is_mostly_forgotten_after_twenty_strings(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $off = [];
        foreach ([10, 20] as $strings) {
            $ratios = [];
            for ($workshop = 0; $workshop < self::WORKSHOPS; $workshop++) {
                [$ended, $running] = self::lived($random, $strings, M_LN2 / 40.0 ** 2);
                $ratios[] = Life::of(80.0, $ended, $running)->medianH() / 40.0;
            }
            sort($ratios);
            $off[$strings] = $ratios[intdiv(self::WORKSHOPS, 2)] - 1;
        }
        self::assertLessThan(0.3, $off[10]);
        self::assertLessThan(0.17, $off[20]);
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
        $life = Life::of(40.0, [], []);
        $due = Due::of($life, 10.0, 5.0);
        self::assertClose(0.25, $due->shareUsed, 1e-12);
        self::assertClose(6.0, $due->dueInWeeks, 1e-12);
        self::assertClose(($life->lowH() - 10) / 5, $due->earliestInWeeks, 1e-12);
        self::assertClose(($life->highH() - 10) / 5, $due->latestInWeeks, 1e-12);
        // Before a show one would rather be early.
        self::assertSame($due->earliestInWeeks, Due::of($life, 10.0, 5.0, beforeShow: true)->dueInWeeks);
        $over = Due::of($life, 90.0, 5.0);
        self::assertSame([0.0, 0.0], [$over->dueInWeeks, $over->earliestInWeeks]);
        self::assertGreaterThan(2.0, $over->shareUsed);
    }

    /**
     * Strings that end, one in four changed early at half of its life.
     *
     * @return array{list<float>, list<float>}
     */
    private static function lived(Randomizer $random, int $strings, float $rate): array
    {
        [$ended, $running] = [[], []];
        for ($string = 0; $string < $strings; $string++) {
            $ended[] = sqrt(self::exponential($random) / $rate);
            if ($string % 4 === 3) {
                // Changed after so many hours whatever it would have lasted: it counts where it was still good.
                $lasts = sqrt(self::exponential($random) / $rate);
                $changed = 0.7 * sqrt(M_LN2 / $rate);
                $lasts > $changed ? $running[] = $changed : $ended[] = $lasts;
            }
        }

        return [$ended, $running];
    }

    private static function exponential(Randomizer $random): float
    {
        return -log(($random->getInt(1, 1_000_000) - 0.5) / 1_000_000);
    }
}
