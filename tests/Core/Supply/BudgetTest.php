<?php

declare(strict_types=1);

namespace Tests\Core\Supply;

use Lira\Supply\Budget;
use Tests\Core\CoreTestCase;

final class BudgetTest extends CoreTestCase
{
    public function test_so_many_steps_and_no_more(): void
    {
        $budget = Budget::ofSteps(3);

        self::assertSame([true, true, true, false, false], array_map(static fn (): bool => $budget->step(), range(1, 5)));
        self::assertTrue($budget->isOver());
        self::assertFalse(Budget::ofSteps(0)->step());
    }

    public function test_the_clock_is_looked_at_now_and_then_and_when_asked(): void
    {
        $now = 10.0;
        $looked = 0;
        $budget = Budget::ofSeconds(2.0, static function () use (&$now, &$looked): float {
            $looked++;

            return $now;
        });
        for ($step = 0; $step < 127; $step++) {
            self::assertTrue($budget->step());
        }
        self::assertSame(2, $looked, 'Once to begin with, once after 64 steps.');
        $now = 12.0;
        self::assertFalse($budget->step());
        self::assertTrue($budget->isOver());
        $now = 0.0;
        self::assertTrue($budget->isOver(), 'What is over stays over.');
    }
}
