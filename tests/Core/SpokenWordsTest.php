<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Care\CareRules;
use Lira\Typed\TypedInstrument;
use Lira\Wording\Glossary;

/** What people call things, and what care is called, row by row as somebody has read it (`tests/fixtures/words.json`). */
final class SpokenWordsTest extends CoreTestCase
{
    public function test_every_word_for_an_instrument_means_what_it_is_said_to(): void
    {
        $meant = [];
        foreach (TypedInstrument::words() as $word) {
            $typed = TypedInstrument::read($word);
            $meant[$word] = "{$typed->kind->value}, {$typed->strings}";
        }

        self::assertSame(self::rows('instruments'), $meant);
    }

    public function test_every_other_word_leads_first_to_the_one_that_is_explained(): void
    {
        $words = Glossary::words();
        self::assertSame(self::rows('words'), array_map(array_keys(...), Glossary::GROUPS));
        foreach (self::rows('glossary') as $said => $word) {
            self::assertIsString($word);
            self::assertArrayHasKey($word, $words);
            self::assertSame($word, Glossary::about((string) $said)[0] ?? null, (string) $said);
        }
    }

    public function test_care_is_called_and_comes_round_as_it_was_read(): void
    {
        $rules = [];
        foreach (CareRules::shipped() as $rule) {
            $rules[$rule->key()] = [$rule->label(), $rule->reason(), $rule->caution(), $rule->rhythm()->label()];
        }

        self::assertSame(self::rows('care'), $rules);
    }

    /** @return array<array-key, mixed> */
    private static function rows(string $of): array
    {
        $all = json_decode((string) file_get_contents(__DIR__.'/../fixtures/words.json'), associative: true, flags: JSON_THROW_ON_ERROR);
        $rows = is_array($all) ? $all[$of] ?? null : null;
        self::assertIsArray($rows);

        return $rows;
    }
}
