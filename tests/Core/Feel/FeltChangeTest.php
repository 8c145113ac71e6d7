<?php

declare(strict_types=1);

namespace Tests\Core\Feel;

use Lira\Feel\FeltChange;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\CoreTestCase;

final class FeltChangeTest extends CoreTestCase
{
    #[TestWith([100.0, 100.0, 'feels the same'])]
    #[TestWith([100.0, 104.0, 'feels the same'])]
    #[TestWith([100.0, 96.0, 'feels the same'])]
    #[TestWith([100.0, 104.6, 'a little tighter'])]
    #[TestWith([100.0, 95.4, 'a little slacker'])]
    #[TestWith([100.0, 110.0, 'a little tighter'])]
    #[TestWith([100.0, 110.6, 'tighter'])]
    #[TestWith([100.0, 89.4, 'slacker'])]
    #[TestWith([100.0, 125.0, 'tighter'])]
    #[TestWith([100.0, 125.6, 'much tighter'])]
    #[TestWith([100.0, 74.4, 'much slacker'])]
    public function test_words_change_at_their_bounds(float $baseline, float $tension, string $words): void
    {
        self::assertSame($words, FeltChange::between($baseline, $tension)->words());
    }

    /** Two strings that read the same per cent are never told apart in words. */
    public function test_words_go_by_the_per_cent_that_is_read(): void
    {
        $said = [];
        for ($tension = 60.0; $tension <= 140.0; $tension += 0.05) {
            $change = FeltChange::between(100.0, $tension);
            $said[Units::change($change->share())][$change->words()] = true;
            [$low, $high] = $change->sameBandN();
            if (abs($tension - $low) > 0.01 && abs($tension - $high) > 0.01) {
                self::assertSame($tension > $low && $tension < $high, $change->words() === 'feels the same');
            }
        }

        self::assertGreaterThan(70, count($said));
        self::assertSame([], array_filter($said, static fn (array $words): bool => count($words) > 1));
    }

    public function test_the_change_and_the_band_that_feels_the_same(): void
    {
        $change = FeltChange::between(80.0, 76.0);

        self::assertClose(-4.0, $change->newtons(), 1e-12);
        self::assertClose(-0.05, $change->share(), 1e-12);
        self::assertEqualsWithDelta([76.4, 83.6], $change->sameBandN(), 1e-9);
    }
}
