<?php

declare(strict_types=1);

namespace Tests\Core\Wording;

use Lira\Wording\Glossary;
use PHPUnit\Framework\TestCase;

/** The field's words, found by what people say. */
final class GlossaryTest extends TestCase
{
    public function test_what_people_say_leads_to_a_word_that_is_explained(): void
    {
        $said = (new \ReflectionClassConstant(Glossary::class, 'SAID'))->getValue();
        self::assertIsArray($said);
        foreach ($said as $typed => $word) {
            self::assertIsString($word);
            self::assertArrayHasKey($word, Glossary::words());
            self::assertSame($word, Glossary::about((string) $typed)[0]);
        }
    }

    public function test_words_that_are_called_so_come_before_those_that_are_explained_by_it_and_none_twice(): void
    {
        $found = Glossary::about(' Tuning ');
        $called = array_filter($found, static fn (string $word): bool => str_contains($word, 'tuning'));
        self::assertSame(array_values($called), array_slice($found, 0, count($called)));
        self::assertNotSame([], $called);
        self::assertGreaterThan(count($called), count($found));
        self::assertContains('drop', array_slice($found, count($called)));
        self::assertSame(array_unique($found), $found);
        self::assertSame([[], []], [Glossary::about('zither'), Glossary::about('  ')]);
    }
}
