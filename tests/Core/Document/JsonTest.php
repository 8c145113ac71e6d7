<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Document\SetReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** Broken JSON and overlong documents: refused early, with what is wrong. */
final class JsonTest extends CoreTestCase
{
    public function test_figures_have_twelve_digits_and_documents_all_of_theirs(): void
    {
        $third = ['figure' => 1 / 3, 'whole' => 2.0, 'small' => 1.23456789012345e-9, 'gauge_in' => 0.011023622];

        self::assertSame('{"figure":0.333333333333,"whole":2.0,"small":1.23456789012e-9,"gauge_in":0.011023622}', Json::figures($third));
        self::assertSame('{"figure":0.3333333333333333,"whole":2.0,"small":1.23456789012345e-9,"gauge_in":0.011023622}', Json::text($third));
    }

    #[DataProvider('broken')]
    public function test_broken_json_is_told_apart(string $text, string $words): void
    {
        try {
            Json::object($text);
            self::fail('It was read.');
        } catch (InvalidDocument $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $early = 'ends in the middle';
        yield 'an object left open' => ['{"a": 1', $early];
        yield 'a list left open' => ['{"a": [1', $early];
        yield 'text left open' => ['{"a": "b', $early];
        yield 'text left open at a bracket' => ['{"a": "}', $early];
        yield 'text left open at an escaped quote' => ['{"a": "b\\"}', $early];
        yield 'after an escape' => ['{"a": "b\\', $early];
        yield 'an escaped escape closes' => ['{"a": "b\\\\" 1}', 'not valid JSON'];
        yield 'brackets in text do not count' => ['{"a": "[[[{{" 1}', 'not valid JSON'];
        yield 'a comma too many' => ['{"a": 1,}', 'not valid JSON'];
        yield 'closed too often' => ['{"a": 1}}', 'not valid JSON'];
        yield 'no object' => ['[1', 'does not start with {'];
    }

    /** Half a document is always told to be one, wherever it is cut. */
    public function test_a_document_cut_anywhere_is_told_to_be_cut(): void
    {
        $text = Documents::text('skerry-everything');
        $random = new Randomizer(new Mt19937(20260214));
        for ($cut = 0; $cut < 200; $cut++) {
            $part = mb_strcut($text, 0, $random->getInt(1, strlen(rtrim($text)) - 1));
            try {
                Json::object($part);
                self::fail('It was read.');
            } catch (InvalidDocument $refused) {
                self::assertStringContainsString('ends in the middle', $refused->getMessage(), $part);
            }
        }
    }

    /** @param  string  $pointer  where it is too long */
    #[DataProvider('overlong')]
    public function test_what_is_too_long_or_no_text_is_refused_in_its_place(string $pointer, string $text, string $words): void
    {
        try {
            SetDocument::from(Documents::with($pointer, $text));
            self::fail('It was read.');
        } catch (InvalidDocument $refused) {
            self::assertSame($pointer, $refused->problems[0]->path);
            self::assertStringContainsString($words, $refused->problems[0]->message);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function overlong(): iterable
    {
        yield 'a name' => ['/name', str_repeat('é', 201), 'has 201 characters; 200 is the most'];
        yield 'a name without end' => ['/name', str_repeat('a', 300_000), '300,000 characters'];
        yield 'a tuning’s name' => ['/tunings/0/name', str_repeat('a', 201), '200 is the most'];
        yield 'the instrument’s name' => ['/instrument/name', str_repeat('a', 201), '200 is the most'];
        yield 'an instrument without a name' => ['/instrument/name', '  ', 'it is empty'];
        yield 'notes' => ['/notes', str_repeat('a', 20_001), '20,001 characters; 20,000 is the most'];
        yield 'a name with a sign that is none' => ['/name', "a\0b", 'cannot be shown'];
        yield 'notes with one' => ['/notes', "a\x1Bb", 'cannot be shown'];
    }

    public function test_text_at_its_longest_with_lines_and_tabs_is_taken(): void
    {
        $json = Documents::with('/notes', str_repeat("é\n\t", 6666));
        $json->name = str_repeat('é', 200);

        self::assertSame($json->name, SetDocument::from($json)->design->name);
    }

    public function test_a_pool_is_counted_before_it_is_built(): void
    {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $pool = [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => array_fill(0, 200_000, 0.01)]];
        try {
            SetDocument::from(Documents::with('/pool', $pool));
            self::fail('It was read.');
        } catch (InvalidDocument $refused) {
            self::assertStringContainsString('at most 2000 gauges; this has 200000', $refused->getMessage());
        }
        self::assertLessThan(30e6, memory_get_peak_usage() - $before);
    }

    public function test_no_more_is_worked_out_at_once_than_somebody_waits_for(): void
    {
        $gauges = static fn (int $count): array => [(object) [
            'construction' => 'plain',
            'material' => 'music-wire',
            'gauges_in' => array_map(static fn (int $step): float => 0.008 + 1e-6 * $step, range(1, $count)),
        ]];
        $document = Documents::with('/tunings', array_fill(0, 12, (object) ['pitches' => ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']]));
        $most = intdiv(SetReader::MOST_TENSIONS, 6 * 12);

        self::assertCount($most, SetDocument::from(Documents::with('/pool', $gauges($most), $document))->pool->strings ?? []);
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('Take a smaller pool or fewer tunings');
        SetDocument::from(Documents::with('/pool', $gauges($most + 1), $document));
    }
}
