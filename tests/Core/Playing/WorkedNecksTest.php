<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Document\Asked\Questions;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Whole necks against worked values from an independent implementation. */
final class WorkedNecksTest extends CoreTestCase
{
    private const CENTS = 1e-5;

    private const MM = 1e-5;

    /** @return iterable<string, array{\stdClass, \stdClass}> */
    public static function necks(): iterable
    {
        $setups = Json::object((string) file_get_contents(__DIR__.'/../../fixtures/setup.json'))->setups;
        self::assertIsArray($setups);
        foreach ($setups as $index => $setup) {
            self::assertInstanceOf(\stdClass::class, $setup);
            self::assertInstanceOf(\stdClass::class, $setup->ask);
            self::assertInstanceOf(\stdClass::class, $setup->expect);
            yield "neck {$index}" => [$setup->ask, $setup->expect];
        }
    }

    #[DataProvider('necks')]
    public function test_a_neck_plays_as_worked_out(\stdClass $ask, \stdClass $expect): void
    {
        $answer = Questions::answer('setups', $ask);
        $strings = $expect->strings;
        self::assertIsArray($strings);
        self::assertCount(count($strings), $answer['strings']);
        foreach ($strings as $index => $string) {
            self::assertInstanceOf(\stdClass::class, $string);
            self::assertAlike($string, $answer['strings'][$index], "strings.{$index}");
        }
    }

    /** That what is worked out stands in an answer, wherever it says it. */
    private static function assertAlike(mixed $expected, mixed $actual, string $path): void
    {
        if ($expected instanceof \stdClass || is_array($expected)) {
            self::assertIsArray($actual, $path);
            foreach ((array) $expected as $key => $each) {
                self::assertArrayHasKey($key, $actual, $path);
                self::assertAlike($each, $actual[$key], "{$path}.{$key}");
            }
        } elseif (is_float($expected)) {
            self::assertIsNumeric($actual, $path);
            self::assertEqualsWithDelta($expected, (float) $actual, str_contains($path, 'mm') ? self::MM : self::CENTS, $path);
        } else {
            self::assertSame($expected, $actual, $path);
        }
    }
}
