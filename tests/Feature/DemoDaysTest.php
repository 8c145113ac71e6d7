<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;

/** The demo is reckoned back from the day it is put in: on whichever day that is, it is whole, and nothing in it is done before its time. */
final class DemoDaysTest extends FeatureTestCase
{
    /** @return iterable<string, array{string}> both ends of days on which calendars go wrong, so that some place on earth is a day further */
    public static function days(): iterable
    {
        foreach ([
            'New Year' => '2027-01-01', 'a leap day' => '2028-02-29', 'clocks go forward' => '2027-03-28', 'clocks go back' => '2026-10-25',
            'the end of a month' => '2027-01-31', 'the last of the year' => '2026-12-31',
        ] as $what => $day) {
            yield "{$what}, just begun in Auckland" => ["{$day} 00:05:00"];
            yield "{$what}, nearly over in Honolulu" => ["{$day} 23:55:00"];
        }
    }

    #[DataProvider('days')]
    public function test_it_is_whole_and_of_its_day(string $moment): void
    {
        $this->travelTo($moment);
        self::assertSame(0, Artisan::call('lira:demo'));

        foreach ([
            ['job_events', 'happened_at', ''], ['jobs', 'finished_at', ''], ['jobs', 'created_at', ''], ['fittings', 'fitted_at', ''], ['fittings', 'removed_at', ''],
            ['care_entries', 'happened_on', ''], ['intonations', 'created_at', ''], ['plays', 'played_on', 'show_id is null'],
        ] as [$table, $column, $where]) {
            $query = DB::table($table)->whereNotNull($column);
            $rows = $where === '' ? $query : $query->whereRaw($where);
            self::assertTrue($rows->exists(), "{$table} has none");
            self::assertLessThanOrEqual(now()->toDateTimeString(), $rows->max($column), "{$table}.{$column} is to come");
        }
        self::assertSame(0, DB::table('fittings')->whereColumn('removed_at', '<', 'fitted_at')->count());
        self::assertSame(0, DB::table('lots')->where('quantity', '<', 0)->count());

        foreach (['/jobs' => 'jobs', '/instruments' => 'instruments', '/sets' => 'sets', '/log/shows' => 'coming', '/log/life' => 'lives', '/strings/drawer' => null, '/log' => null, '/workshop/care' => null, '/log/years' => null, '/strings' => null] as $address => $list) {
            $page = $this->get($address)->assertOk();
            if ($list !== null) {
                $page->assertInertia(static fn (AssertableInertia $shown) => $shown->has("{$list}.0"));
            }
        }
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('jobs', static fn (\Illuminate\Support\Collection $jobs): bool => $jobs->contains('blocked', true)
            && $jobs->contains(static fn (mixed $job): bool => is_array($job) && $job['until'] !== null) && $jobs->contains('status', 'finished')));
    }
}
