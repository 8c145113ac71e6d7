<?php

declare(strict_types=1);

namespace Tests\Core\Job;

use Eris\Generators;
use Eris\TestTrait;
use Lira\Job\OnIt;
use Lira\Job\OnSpan;
use Lira\Job\PutOn;
use Lira\Job\TakenBack;
use Tests\Core\CoreTestCase;

/** Which strings were on when, by what the jobs on an instrument came to. */
final class OnItTest extends CoreTestCase
{
    use TestTrait;

    public function test_a_job_takes_off_what_was_on_with_the_reason_of_each(): void
    {
        $on = OnIt::of([new PutOn(1, 100, [1, 2], 'dull'), new PutOn(2, 200, [1, 2], 'season', [2 => ['how' => 'broken', 'where' => 'nut']])]);

        self::assertSame([false, true], [$on->isOn(1), $on->isOn(2)]);
        self::assertSame(['1:1:100-200 season', '1:2:100-200 broken nut', '2:1:200-', '2:2:200-'], self::said($on));
    }

    public function test_nothing_is_off_before_it_was_on(): void
    {
        self::assertSame(['1:1:500-500 dull', '2:1:500-'], self::said(OnIt::of([new PutOn(1, 500, [1], 'dull'), new PutOn(2, 200, [1], 'dull')])));
    }

    public function test_reopened_what_was_on_before_is_on_again(): void
    {
        $both = [new PutOn(1, 100, [1], 'dull'), new PutOn(2, 200, [1], 'dull')];
        self::assertSame(['1:1:100-'], self::said(OnIt::of([...$both, new TakenBack(2, 300, these: false)])));
        self::assertSame(['1:1:100-400 dull', '2:1:400-'], self::said(OnIt::of([...$both, new TakenBack(2, 300, these: false), new PutOn(2, 400, [1], 'dull')])));
        self::assertSame([], self::said(OnIt::of([$both[0], new TakenBack(1, 300, these: false)])));
    }

    public function test_an_earlier_job_looked_at_again_takes_nothing_off(): void
    {
        $both = [new PutOn(1, 100, [1], 'dull'), new PutOn(2, 200, [1], 'dull')];
        $is = ['1:1:100-200 dull', '2:1:200-'];
        self::assertSame($is, self::said(OnIt::of([...$both, new TakenBack(1, 300, these: false)])));
        self::assertSame($is, self::said(OnIt::of([...$both, new TakenBack(1, 300, these: false), new PutOn(1, 350, [1], 'dull')])));
    }

    public function test_an_earlier_job_whose_strings_are_on_again_takes_the_later_ones_off(): void
    {
        $on = OnIt::of([new PutOn(1, 100, [1], 'dull'), new PutOn(2, 200, [1], 'dull'), new TakenBack(1, 300, these: true)]);
        self::assertSame(['1:1:100-200 dull', '2:1:200-300 other', '1:1:300-'], self::said($on));
        self::assertSame([true, false], [$on->isOn(1), $on->isOn(2)]);
    }

    public function test_whatever_happens_one_string_is_on_at_a_place_and_none_ends_before_it_begins(): void
    {
        $this->limitTo(300)->forAll(Generators::seq(Generators::tuple(Generators::choose(1, 3), Generators::choose(0, 1000), Generators::elements('put', 'these', 'those'))))
            ->then(function (array $drawn): void {
                /** @var list<array{int, int, string}> $drawn */
                $on = OnIt::of(array_map(static fn (array $each): PutOn|TakenBack => $each[2] === 'put'
                    ? new PutOn($each[0], $each[1], [1, 2], 'dull') : new TakenBack($each[0], $each[1], $each[2] === 'these'), $drawn));
                foreach ([1, 2] as $position) {
                    $here = array_filter($on->spans, static fn (OnSpan $span): bool => $span->position === $position);
                    self::assertLessThanOrEqual(1, count(array_filter($here, static fn (OnSpan $span): bool => $span->toS === null)));
                    $last = PHP_INT_MIN;
                    foreach ($here as $span) {
                        self::assertGreaterThanOrEqual($last, $span->fromS);
                        self::assertGreaterThanOrEqual($span->fromS, $span->toS ?? PHP_INT_MAX);
                        $last = $span->toS ?? $last;
                    }
                }
            });
    }

    /** @return list<string> */
    private static function said(OnIt $on): array
    {
        return array_map(
            static fn (OnSpan $span): string => trim("{$span->key()}-{$span->toS} {$span->how} {$span->where}"),
            $on->spans,
        );
    }
}
