<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Answers;
use Lira\Document\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** The examples of the README are answered as the worked answers beside them say, key by key. */
final class ExamplesTest extends CoreTestCase
{
    private const ANSWERS = __DIR__.'/../../../docs/examples/answers';

    /** @param  value-of<Answers::QUESTIONS>  $question */
    #[DataProvider('answers')]
    public function test_an_example_is_answered_as_worked_out(string $example, string $question, string $file): void
    {
        $answer = Answers::to($question, SetDocument::parse(Documents::text($example)));

        self::assertAlike(
            json_decode((string) file_get_contents($file), associative: true),
            json_decode(Answers::text($answer), associative: true),
            '',
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function answers(): iterable
    {
        foreach ((array) glob(self::ANSWERS.'/*.json') as $file) {
            [$example, $question] = explode('.', basename((string) $file));
            yield "{$example}, {$question}" => [$example, $question, (string) $file];
        }
    }

    /** The same keys in the same order, texts to the letter, figures to the last but one digit. */
    private static function assertAlike(mixed $expected, mixed $actual, string $path): void
    {
        if (is_array($expected) && is_array($actual)) {
            self::assertSame(array_keys($expected), array_keys($actual), $path);
            foreach ($expected as $key => $value) {
                self::assertAlike($value, $actual[$key], "{$path}/{$key}");
            }
        } elseif ((is_int($expected) || is_float($expected)) && (is_int($actual) || is_float($actual))) {
            self::assertClose((float) $expected, (float) $actual, 1e-9, $path);
        } else {
            self::assertSame($expected, $actual, $path);
        }
    }
}
