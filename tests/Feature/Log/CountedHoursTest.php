<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Hours\Worn;
use App\Models\Fitting;
use App\Models\LogSettings;
use App\Models\Show;
use Illuminate\Support\Carbon;

/** The hours that stand beside strings that came off are kept right, whichever way they change. */
final class CountedHoursTest extends LogTestCase
{
    public function test_hours_come_and_go_with_what_was_played(): void
    {
        $instrument = self::keptSet()->instrument;
        self::played($instrument, '2026-03-02', 2.0);
        $fitting = self::fitted($instrument, '2026-03-01 10:00', '2026-03-20 10:00');
        self::assertSame(2.0, self::counted($fitting));

        $late = self::played($instrument, '2026-03-19', 1.5);
        // On the day it came off the next one was played, and before it went on the one before.
        self::played($instrument, '2026-03-20', 5.0);
        self::played($instrument, '2026-02-28', 5.0);
        self::assertSame(3.5, self::counted($fitting));
        $late->update(['hours' => 4.0]);
        self::assertSame(6.0, self::counted($fitting));
        $late->update(['played_on' => '2026-04-01']);
        self::assertSame(2.0, self::counted($fitting));
        $late->update(['played_on' => '2026-03-05', 'hours' => 0.5]);
        self::assertSame(2.5, self::counted($fitting));
        $late->delete();
        self::assertSame(2.0, self::counted($fitting));
    }

    public function test_shows_are_counted_in_once_a_string_comes_off_and_no_more_where_it_is_on_again(): void
    {
        $instrument = self::keptSet()->instrument;
        $fitting = self::fitted($instrument, '2026-03-01 10:00', null);
        self::played($instrument, '2026-03-02', 2.0);
        $show = Show::query()->create(['uid' => 'one', 'name' => 'Regatta', 'starts_at' => '2026-03-10 20:00:00', 'hours' => 4]);
        self::played($instrument, '2026-03-10', 4.0)->update(['show_id' => $show->id]);
        self::assertSame(2.0, self::counted($fitting));

        $fitting->update(['removed_at' => Carbon::parse('2026-03-20'), 'reason' => 'dull']);
        self::assertSame(6.0, self::counted($fitting));
        $fitting->update(['removed_at' => null]);
        self::assertSame(2.0, self::counted($fitting));
    }

    public function test_what_an_hour_counts_as_holds_for_all_that_was(): void
    {
        $instrument = self::keptSet()->instrument;
        $fitting = self::fitted($instrument, '2026-03-01', '2026-03-20');
        self::played($instrument, '2026-03-02', 3.0, heat: true);
        self::assertEqualsWithDelta(5.0, self::counted($fitting), 1e-9);

        $this->putJson('/workshop/hours', ['heat' => 2, 'salt' => 1, 'sweat' => 1, 'zone' => 'Europe/Lisbon'])->assertOk();
        self::assertSame(6.0, self::counted($fitting));
        self::assertSame('Europe/Lisbon', LogSettings::here()->time_zone);
        self::assertLiraError($this->putJson('/workshop/hours', ['heat' => 0.5, 'salt' => 'much', 'sweat' => 1, 'zone' => 'Atlantis']), 422, '/heat', '1 to 10');
        self::assertSame(6.0, self::counted($fitting));
    }

    private static function counted(Fitting $fitting): ?float
    {
        return Worn::countedH($fitting);
    }
}
