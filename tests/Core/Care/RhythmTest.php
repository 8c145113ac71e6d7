<?php

declare(strict_types=1);

namespace Tests\Core\Care;

use Lira\Care\Rhythm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When something is wanted next. */
final class RhythmTest extends TestCase
{
    public function test_every_so_many_weeks_counts_from_the_last_time(): void
    {
        self::assertSame('2026-06-29', self::next(Rhythm::weeks(26), '2025-12-29 18:40'));
        // Days are days, whatever the clock does in between.
        $over = Rhythm::weeks(4)->next(new \DateTimeImmutable('2026-03-02 23:30', new \DateTimeZone('Europe/Lisbon')));
        self::assertSame('2026-03-30', $over->format('Y-m-d'));
    }

    #[DataProvider('days')]
    public function test_days_of_the_year_come_again_each_year(string $since, string $next): void
    {
        self::assertSame($next, self::next(Rhythm::days(['09-15', '03-15']), $since));
    }

    /** @return iterable<string, array{string, string}> */
    public static function days(): iterable
    {
        yield 'the next of this year' => ['2026-04-20', '2026-09-15'];
        yield 'the first of the next year' => ['2026-11-01', '2027-03-15'];
        yield 'seen to on the day' => ['2026-03-15', '2026-09-15'];
        yield 'seen to a little early, it is done' => ['2026-03-01', '2026-09-15'];
        yield 'seen to long before, it is wanted all the same' => ['2026-01-20', '2026-03-15'];
        yield 'seen to late' => ['2026-03-30', '2026-09-15'];
        yield 'early at the turn of the year' => ['2026-12-31', '2027-03-15'];
    }

    public function test_a_single_day_is_wanted_once_a_year_for_ever(): void
    {
        $rhythm = Rhythm::days(['10-01']);
        $on = new \DateTimeImmutable('2026-10-04');
        foreach (range(2027, 2036) as $year) {
            $on = $rhythm->next($on);
            self::assertSame("{$year}-10-01", $on->format('Y-m-d'));
        }
    }

    public function test_a_day_that_not_every_year_has_is_refused(): void
    {
        foreach (['02-29', '13-01', '1-10', '2026-10-01'] as $day) {
            try {
                Rhythm::days([$day]);
                self::fail("{$day} was taken.");
            } catch (\InvalidArgumentException $refused) {
                self::assertStringContainsString($day, $refused->getMessage());
            }
        }
    }

    public function test_it_is_said_in_words(): void
    {
        self::assertSame('twice a year', Rhythm::weeks(26)->label());
        self::assertSame('every 4 weeks', Rhythm::weeks(4)->label());
        self::assertSame('each 15 March and 15 September', Rhythm::days(['09-15', '03-15'])->label());
    }

    private static function next(Rhythm $rhythm, string $since): string
    {
        return $rhythm->next(new \DateTimeImmutable($since))->format('Y-m-d');
    }
}
