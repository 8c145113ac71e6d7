<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Answers;
use Lira\Document\Asked\Questions;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\Document\SetDocument;

/**
 * What {@see SeededDocuments} are answered, kept as a sum of each part, so that whatever changes an answer is seen. Nothing says that
 * the sums are right: that the other tests do. Where a change is meant, they are written anew.
 */
final class SeededAnswers
{
    public const FILE = __DIR__.'/../../fixtures/seeded-answers.json';

    public const DOCUMENTS = 300;

    /** What takes long is asked of one document in so many. */
    private const SOME = 15;

    /** To this many digits, which every machine works out alike. */
    private const DIGITS = 7;

    /** @return list<string> what a document is asked */
    public static function questions(int $seed): array
    {
        return ['evaluations', 'fits', 'plans', ...match ($seed % self::SOME) {
            0 => ['solutions', 'conversions'],
            1 => array_keys(Questions::ALL),
            2, 3, 4, 5 => ['reaches', 'sounds'],
            default => [],
        }];
    }

    /** @return array<mixed> the answer, or what is refused */
    public static function answer(int $seed, string $question): array
    {
        try {
            $json = SeededDocuments::of($seed);
            $answer = isset(Questions::ALL[$question])
                ? Questions::answer($question, SeededQuestions::of($seed, $question, $json))
                : Answers::to(self::ofDocument($question), SetDocument::from($json));

            return (array) json_decode(Answers::text($answer), associative: true);
        } catch (InvalidDocument $refused) {
            return ['refused' => array_map(static fn (Problem $problem): string => "{$problem->path}: {$problem->message}", $refused->problems)];
        }
    }

    /** @return value-of<Answers::QUESTIONS> */
    private static function ofDocument(string $question): string
    {
        return in_array($question, Answers::QUESTIONS, true) ? $question : throw new \LogicException("Nothing is asked as {$question}");
    }

    /** @return array<string, string> the sum of each of its parts */
    public static function sums(int $seed, string $question): array
    {
        $sums = [];
        foreach (self::answer($seed, $question) as $part => $value) {
            $sums[(string) $part] = hash('crc32b', (string) json_encode(self::rounded($value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        }

        return $sums;
    }

    private static function rounded(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::rounded(...), $value),
            is_int($value), is_float($value) => abs($value) < 1e-9 ? '0' : sprintf('%.'.(self::DIGITS - 1).'e', $value),
            default => $value,
        };
    }

    /** Writes them anew: php -r "require 'vendor/autoload.php'; Tests\Core\Document\SeededAnswers::write();" */
    public static function write(): void
    {
        $lines = [];
        for ($seed = 0; $seed < self::DOCUMENTS; $seed++) {
            $all = [];
            foreach (self::questions($seed) as $question) {
                $all[$question] = self::sums($seed, $question);
            }
            $lines[] = json_encode($all, JSON_THROW_ON_ERROR);
        }
        file_put_contents(self::FILE, "[\n".implode(",\n", $lines)."\n]\n");
    }
}
