<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Certainty\Interval;
use Lira\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Tests of the core run without the framework. */
abstract class CoreTestCase extends TestCase
{
    protected static function assertClose(float $expected, float $actual, float $relative = Reference::RELATIVE, string $message = ''): void
    {
        self::assertEqualsWithDelta($expected, $actual, max(abs($expected) * $relative, 1e-300), $message);
    }

    /**
     * Asserts that some input is refused with a sentence that has these words in it.
     *
     * @param  \Closure(): mixed  $make
     */
    protected static function assertRefused(string $words, \Closure $make): void
    {
        try {
            $make();
        } catch (InvalidInput $refused) {
            self::assertStringContainsString($words, $refused->getMessage());

            return;
        }
        self::fail("Nothing was refused; expected “{$words}”.");
    }

    /**
     * What stands at a path such as `strings.0.gauge_in` in a written answer.
     *
     * @param  array<mixed>  $answer
     */
    protected static function dig(array $answer, string $path): mixed
    {
        $at = $answer;
        foreach (explode('.', $path) as $key) {
            $at = $at instanceof \stdClass ? get_object_vars($at) : $at;
            self::assertIsArray($at, $path);
            self::assertArrayHasKey($key, $at, $path);
            $at = $at[$key];
        }

        return $at;
    }

    /** @param  array<mixed>  $answer */
    protected static function figure(array $answer, string $path): float
    {
        $figure = self::dig($answer, $path);
        self::assertIsNumeric($figure, $path);

        return (float) $figure;
    }

    /** That an interval has no width at all, or some. */
    protected static function assertExact(?Interval $interval, bool $exact = true): void
    {
        self::assertNotNull($interval);
        self::assertSame($exact, $interval->low === $interval->high);
    }
}
