<?php

declare(strict_types=1);

namespace Tests\Core\Feel;

use Lira\Feel\FeltChange;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\CoreTestCase;

final class FeltChangeTest extends CoreTestCase
{
    #[TestWith([100.0, 100.0, 'feels the same'])]
    #[TestWith([100.0, 104.0, 'feels the same'])]
    #[TestWith([100.0, 96.0, 'feels the same'])]
    #[TestWith([100.0, 104.1, 'a little tighter'])]
    #[TestWith([100.0, 95.9, 'a little slacker'])]
    #[TestWith([100.0, 110.0, 'a little tighter'])]
    #[TestWith([100.0, 110.1, 'tighter'])]
    #[TestWith([100.0, 89.9, 'slacker'])]
    #[TestWith([100.0, 125.0, 'tighter'])]
    #[TestWith([100.0, 125.1, 'much tighter'])]
    #[TestWith([100.0, 74.9, 'much slacker'])]
    public function test_words_change_at_their_bounds(float $baseline, float $tension, string $words): void
    {
        self::assertSame($words, FeltChange::between($baseline, $tension)->words());
    }

    public function test_the_change_and_the_band_that_feels_the_same(): void
    {
        $change = FeltChange::between(80.0, 76.0);

        self::assertClose(-4.0, $change->newtons(), 1e-12);
        self::assertClose(-0.05, $change->share(), 1e-12);
        self::assertEqualsWithDelta([76.8, 83.2], $change->sameBandN(), 1e-9);
    }
}
