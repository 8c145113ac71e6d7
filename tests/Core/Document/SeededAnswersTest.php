<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Tests\Core\CoreTestCase;

/** Documents of every kind are answered as they were before, part by part. */
final class SeededAnswersTest extends CoreTestCase
{
    public function test_seeded_documents_are_answered_as_before(): void
    {
        /** @var list<array<string, array<string, string>>> $before */
        $before = json_decode((string) file_get_contents(SeededAnswers::FILE), associative: true, flags: JSON_THROW_ON_ERROR);
        self::assertCount(SeededAnswers::DOCUMENTS, $before);
        $changed = [];
        foreach ($before as $seed => $questions) {
            self::assertSame(SeededAnswers::questions($seed), array_keys($questions));
            foreach ($questions as $question => $sums) {
                $now = SeededAnswers::sums($seed, $question);
                foreach (array_keys($sums + $now) as $part) {
                    if (($sums[$part] ?? null) !== ($now[$part] ?? null)) {
                        $changed[] = "{$part} of {$question} of document {$seed}";
                    }
                }
            }
        }

        self::assertSame([], array_slice($changed, 0, 20), 'To see one, have SeededAnswers::answer(SEED, QUESTION) written out before and after.');
    }

    /** Most of them are sets that somebody could have: else their answers would say little. */
    public function test_most_of_them_are_answered(): void
    {
        $refused = array_filter(range(0, SeededAnswers::DOCUMENTS - 1), static fn (int $seed): bool => isset(SeededAnswers::answer($seed, 'evaluations')['refused']));

        self::assertLessThan(SeededAnswers::DOCUMENTS / 10, count($refused));
    }
}
