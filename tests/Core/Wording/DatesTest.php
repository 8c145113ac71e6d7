<?php

declare(strict_types=1);

namespace Tests\Core\Wording;

use Lira\Wording\Dates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Dates as somebody writes them; the browser is held to the same file. */
final class DatesTest extends TestCase
{
    /** @param  array{style: string, at: string, date: string, time: string, of_year: string, heading: string}  $case */
    #[DataProvider('cases')]
    public function test_a_date_is_written_as_somebody_reads_it(array $case): void
    {
        $dates = Dates::named($case['style']);
        $at = new \DateTimeImmutable($case['at']);
        self::assertSame([$case['date'], $case['time'], $case['of_year'], $case['heading']], [$dates->date($at), $dates->time($at), $dates->dayOfYear($at), $dates->heading($at)]);
    }

    /** @return iterable<string, array{array{style: string, at: string, date: string, time: string, of_year: string, heading: string}}> */
    public static function cases(): iterable
    {
        /** @var list<array{style: string, at: string, date: string, time: string, of_year: string, heading: string}> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/dates.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield "{$case['style']} {$case['at']}" => [$case];
        }
    }
}
