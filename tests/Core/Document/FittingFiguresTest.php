<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Asked\Questions;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What is answered of an instrument in the hand, held to values worked out independently: to a millionth. */
final class FittingFiguresTest extends CoreTestCase
{
    private const RELATIVE = 1e-6;

    /** @param  key-of<Questions::ALL>  $question */
    #[DataProvider('cases')]
    public function test_figures_are_those_of_the_reference(string $question, \stdClass $ask, mixed $expected, string $key): void
    {
        $answer = Json::object(Json::text(Questions::answer($question, $ask)));
        self::assertAlike($expected, $key === '' ? $answer : $answer->{$key} ?? null, $question);
    }

    /** @return iterable<string, array{string, \stdClass, mixed, string}> */
    public static function cases(): iterable
    {
        $file = Json::object((string) file_get_contents(__DIR__.'/../../fixtures/fitting.json'));
        foreach (['retunings', 'settlings', 'intonations', 'reliefs', 'lives'] as $question) {
            $cases = $file->{$question} ?? null;
            self::assertIsArray($cases);
            foreach ($cases as $index => $case) {
                self::assertInstanceOf(\stdClass::class, $case);
                self::assertInstanceOf(\stdClass::class, $case->ask);
                if (isset($case->expect)) {
                    yield "{$question} {$index}" => [$question, $case->ask, $case->expect, ''];
                }
                if (isset($case->ask_measured)) {
                    self::assertInstanceOf(\stdClass::class, $case->ask_measured);
                    yield "{$question} {$index}, measured" => [$question, $case->ask_measured, $case->expect_compliance_um_per_n ?? null, 'compliance_um_per_n'];
                }
                if (isset($case->expect_mm_per_n)) {
                    yield "{$question} {$index}" => [$question, $case->ask, $case->expect_mm_per_n, 'mm_per_n'];
                }
            }
        }
    }

    private static function assertAlike(mixed $expected, mixed $actual, string $path): void
    {
        if ($expected instanceof \stdClass) {
            self::assertInstanceOf(\stdClass::class, $actual, $path);
            foreach (get_object_vars($expected) as $key => $value) {
                self::assertAlike($value, $actual->{$key} ?? null, "{$path}/{$key}");
            }
        } elseif (is_array($expected)) {
            self::assertIsArray($actual, $path);
            self::assertCount(count($expected), $actual, $path);
            foreach ($expected as $index => $value) {
                self::assertAlike($value, $actual[$index] ?? null, "{$path}/{$index}");
            }
        } elseif (is_float($expected) || is_int($expected)) {
            self::assertIsNumeric($actual, $path);
            self::assertEqualsWithDelta($expected, $actual, max(1e-6, abs($expected) * self::RELATIVE), $path);
        } else {
            self::assertSame($expected, $actual, $path);
        }
    }
}
