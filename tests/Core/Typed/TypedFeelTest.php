<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Lira\Typed\TypedFeel;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** How a set should feel beside the one that is on it, as people say it. */
final class TypedFeelTest extends CoreTestCase
{
    #[DataProvider('said')]
    public function test_a_feel_is_a_share_of_the_tension_or_so_many_gauges(string $typed, float $ratio, int $steps): void
    {
        $feel = TypedFeel::read($typed);

        self::assertNotNull($feel, $typed);
        self::assertEqualsWithDelta($ratio, $feel->ratio, 1e-12);
        self::assertSame($steps, $feel->steps);
    }

    /** @return iterable<string, array{string, float, int}> */
    public static function said(): iterable
    {
        foreach ([
            'lighter' => [1.0, -1], 'heavier' => [1.0, 1], 'one gauge lighter' => [1.0, -1], 'two gauges heavier' => [1.0, 2], '3 sizes thinner' => [1.0, -3],
            'a bit tighter' => [1.05, 0], 'slightly looser' => [0.95, 0], 'much slacker' => [0.80, 0], 'a lot tighter' => [1.20, 0], 'somewhat stiffer' => [1.07, 0],
            'clearly softer' => [0.85, 0], 'a touch firmer' => [1.03, 0], 'tighter' => [1.10, 0], 'looser' => [0.90, 0], 'a little lighter' => [0.95, 0],
            '10 % tighter' => [1.10, 0], '5% lighter' => [0.95, 0], '10 percent looser' => [0.90, 0], '12,5 % more tension' => [1.125, 0], 'please make it 50 % tighter' => [1.50, 0],
        ] as $typed => [$ratio, $steps]) {
            yield $typed => [$typed, $ratio, $steps];
        }
    }

    /** A step down is a tone, not a gauge; and nobody knows a feel that is so far away. */
    #[DataProvider('nothing')]
    public function test_what_says_nothing_about_the_feel_is_none(string $typed): void
    {
        self::assertNull(TypedFeel::read($typed));
    }

    /** @return iterable<string, array{string}> */
    public static function nothing(): iterable
    {
        foreach (['down', 'up', 'a step down', 'three steps up', '51 % tighter', 'blue', ''] as $typed) {
            yield $typed => [$typed];
        }
    }
}
