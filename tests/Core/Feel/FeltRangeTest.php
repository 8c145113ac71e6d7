<?php

declare(strict_types=1);

namespace Tests\Core\Feel;

use Lira\Feel\FeltChange;
use Lira\Feel\FeltRange;
use Lira\Feel\Verdict;
use Lira\Feel\Zones;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class FeltRangeTest extends CoreTestCase
{
    /** @param  list<array{float, Verdict}>  $verdicts */
    #[DataProvider('trials')]
    public function test_verdicts_make_a_range(array $verdicts, float $low, float $aim, float $high): void
    {
        $range = FeltRange::from($verdicts);

        self::assertNotNull($range);
        self::assertEqualsWithDelta([$low, $aim, $high], [$range->lowN, $range->aimN, $range->highN], 1e-9);
        self::assertTrue($range->holds($range->aimN));
    }

    /** @return iterable<string, array{list<array{float, Verdict}>, float, float, float}> */
    public static function trials(): iterable
    {
        yield 'right once' => [[[70.0, Verdict::Right]], 67.2, 70.0, 72.8];
        yield 'right twice widens' => [[[64.0, Verdict::Right], [81.0, Verdict::Right]], 61.44, 72.0, 84.24];
        yield 'a verdict close by narrows' => [
            [[70.0, Verdict::Right], [69.0, Verdict::TooLoose], [71.0, Verdict::TooTight]],
            sqrt(69 * 70),
            70.0,
            sqrt(71 * 70),
        ];
        yield 'verdicts far off change nothing' => [
            [[70.0, Verdict::Right], [50.0, Verdict::TooLoose], [90.0, Verdict::TooTight]],
            67.2,
            70.0,
            72.8,
        ];
        yield 'between too loose and too tight' => [
            [[60.0, Verdict::TooLoose], [80.0, Verdict::TooTight]],
            sqrt(4800) * 0.96,
            sqrt(4800),
            sqrt(4800) * 1.04,
        ];
        yield 'several of a kind: the nearest count' => [
            [[60.0, Verdict::TooLoose], [64.0, Verdict::TooLoose], [80.0, Verdict::TooTight], [100.0, Verdict::TooTight]],
            sqrt(64 * 80) * 0.96,
            sqrt(64 * 80),
            sqrt(64 * 80) * 1.04,
        ];
        yield 'several too loose alone' => [[[60.0, Verdict::TooLoose], [55.0, Verdict::TooLoose]], sqrt(60 * 60 * 1.0595), 60 * 1.0595, 60 * 1.0595 * 1.04];
        yield 'several too tight alone' => [[[60.0, Verdict::TooTight], [75.0, Verdict::TooTight]], 60 / 1.0595 * 0.96, 60 / 1.0595, 60 / sqrt(1.0595)];
        yield 'several on both sides of several that are right' => [
            [[68.0, Verdict::TooLoose], [60.0, Verdict::TooLoose], [70.0, Verdict::Right], [72.0, Verdict::Right], [90.0, Verdict::TooTight], [73.0, Verdict::TooTight]],
            sqrt(68 * 70),
            sqrt(70 * 72),
            sqrt(73 * 72),
        ];
        yield 'only too loose: half a semitone above' => [
            [[60.0, Verdict::TooLoose]],
            sqrt(60 * 60 * 1.0595),
            60 * 1.0595,
            60 * 1.0595 * 1.04,
        ];
        yield 'only too tight: half a semitone below' => [[[60.0, Verdict::TooTight]], 60 / 1.0595 * 0.96, 60 / 1.0595, 60 / sqrt(1.0595)];
        yield 'the later word counts' => [[[70.0, Verdict::TooTight], [75.0, Verdict::Right]], 72.0, 75.0, 78.0];
        yield 'another word at the same tension' => [[[70.0, Verdict::TooLoose], [70.0, Verdict::Right]], 67.2, 70.0, 72.8];
    }

    public function test_nothing_said_is_no_range(): void
    {
        self::assertNull(FeltRange::from([]));
    }

    public function test_a_range_decides_what_feels_the_same(): void
    {
        $range = FeltRange::from([[64.0, Verdict::Right], [81.0, Verdict::Right]]);
        $change = static fn (float $tensionN): FeltChange => FeltChange::between(64.0, $tensionN, $range);

        self::assertSame('feels the same', $change(84.2)->words());
        self::assertSame('tighter', $change(84.3)->words());
        self::assertSame('feels the same', $change(61.5)->words());
        self::assertSame('slacker', $change(61.4)->words());
        self::assertClose(84.2 / 64 - 1, $change(84.2)->share(), 1e-12);
        self::assertEqualsWithDelta([61.44, 84.24], $change(70)->sameBandN(), 1e-9);

        // Close beside a narrow range it is at least a little off.
        $narrow = FeltRange::from([[70.0, Verdict::Right], [69.0, Verdict::TooLoose]]);
        self::assertSame('a little slacker', FeltChange::between(70.0, 69.2, $narrow)->words());
    }

    public function test_usual_zones_are_wide_and_say_so(): void
    {
        $zones = Zones::usual(75.0);

        self::assertTrue($zones->usual);
        self::assertLessThan(50.0, $zones->slackN);
        self::assertGreaterThan(110.0, $zones->hardN);
        self::assertSame(52.0, $zones->slackBelow(52.0)->slackN);
        self::assertSame($zones->slackN, $zones->slackBelow(null)->slackN);
    }
}
