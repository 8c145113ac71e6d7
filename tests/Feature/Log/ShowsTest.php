<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Hours\HoursOfStrings;
use App\Log\Shows\SaidShow;
use App\Log\Shows\ShowCalendar;
use App\Models\Instrument;
use App\Models\LogSettings;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Document\Documents;

/** Shows: typed, from a list, from a calendar. */
final class ShowsTest extends LogTestCase
{
    private const CALENDAR = <<<'ICS'
        BEGIN:VCALENDAR
        VERSION:2.0
        PRODID:-//Tern Quay//Diary//EN
        BEGIN:VEVENT
        UID:weekly@quay
        DTSTAMP:20260101T000000Z
        DTSTART;TZID=Europe/Lisbon:20260322T203000
        DTEND;TZID=Europe/Lisbon:20260322T230000
        RRULE:FREQ=WEEKLY;COUNT=3
        SUMMARY:Session at the quay
        LOCATION:Tern Quay
        END:VEVENT
        BEGIN:VEVENT
        UID:whole-day@quay
        DTSTAMP:20260101T000000Z
        DTSTART;VALUE=DATE:20260704
        SUMMARY:Harbour day
        END:VEVENT
        END:VCALENDAR
        ICS;

    public function test_a_show_is_typed_its_hours_count_and_it_is_dropped_and_brought_back(): void
    {
        $this->travelTo('2026-06-01 12:00:00');
        $set = $this->strung();
        $this->travelTo('2026-06-02 12:00:00');
        $id = self::idOf($this->postJson('/log/shows', self::said(['instruments' => [$set->instrument_id], 'on' => '2026-06-03', 'heat' => true])));
        // In summer it is an hour later there than in UTC.
        self::assertSame('2026-06-03 19:30:00', Show::query()->sole()->starts_at->toDateTimeString());
        self::assertSame('Europe/Lisbon', LogSettings::here()->time_zone);
        $hours = fn (): mixed => $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => null])->json('life.families.0.played_h');
        self::assertEqualsWithDelta(0.0, $hours(), 1e-9);

        $this->travelTo('2026-06-04 12:00:00');
        self::assertEqualsWithDelta(2.5 / 0.6, $hours(), 1e-9);
        $this->get('/log/shows')->assertInertia(static fn (AssertableInertia $page) => $page->component('log/ShowsPage')
            ->has('coming', 0)->where('past.0.at', '20:30')->where('past.0.on', '2026-06-03')->where('past.0.instruments', [$set->instrument_id]));
        $this->putJson("/log/shows/{$id}", self::said(['instruments' => [$set->instrument_id], 'on' => '2026-06-03', 'hours' => 1]))->assertOk();
        self::assertEqualsWithDelta(1.0, $hours(), 1e-9);
        $this->deleteJson("/log/shows/{$id}")->assertOk();
        self::assertEqualsWithDelta(0.0, $hours(), 1e-9);
        $this->postJson("/log/shows/{$id}/unarchive")->assertOk();
        self::assertEqualsWithDelta(1.0, $hours(), 1e-9);
        self::assertLiraError($this->postJson('/log/shows', self::said(['on' => 'soon'])), 422, '/on', 'as 2026-12-03');
        self::assertLiraError($this->postJson('/log/shows', self::said(['instruments' => [999]])), 422, '/instruments/0', 'that are here');
        self::assertSame(1, Show::query()->count());
    }

    public function test_a_calendar_comes_in_once_over_summer_time_and_again_as_it_was_changed(): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        LogSettings::here()->update(['time_zone' => 'Europe/Lisbon']);
        $instrument = self::keptSet()->instrument;
        $first = $this->bring('shows.ics', self::CALENDAR, [$instrument->id])->assertCreated();
        self::assertSame(['added' => 4, 'changed' => 0, 'same' => 0, 'off' => 0], $first->json());
        // The same hour there is another in UTC once summer time has begun.
        self::assertSame(
            ['2026-03-22 20:30:00', '2026-03-29 19:30:00', '2026-04-05 19:30:00', '2026-07-04 19:00:00'],
            Show::query()->orderBy('starts_at')->get()->map(static fn (Show $show): string => $show->starts_at->toDateTimeString())->all(),
        );
        self::assertSame([2.5, 2.5, 2.5, 2.0], Show::query()->orderBy('starts_at')->pluck('hours')->all());
        self::assertSame('Tern Quay', Show::query()->where('name', 'Session at the quay')->firstOrFail()->place);
        self::assertSame(4, Play::query()->where('instrument_id', $instrument->id)->count());

        self::assertSame(['added' => 0, 'changed' => 0, 'same' => 4, 'off' => 0], $this->bring('shows.ics', self::CALENDAR)->json());
        $moved = str_replace(['20260704', 'SUMMARY:Harbour day'], ['20260705', "SUMMARY:Harbour day\nSEQUENCE:1"], self::CALENDAR);
        self::assertSame(['added' => 0, 'changed' => 1, 'same' => 3, 'off' => 0], $this->bring('shows.ics', $moved)->json());
        // One of many that was moved is the same one.
        $later = "BEGIN:VEVENT\nUID:weekly@quay\nDTSTAMP:20260101T000000Z\nRECURRENCE-ID;TZID=Europe/Lisbon:20260329T203000\nDTSTART;TZID=Europe/Lisbon:20260330T190000\nDTEND;TZID=Europe/Lisbon:20260330T213000\nSUMMARY:Session at the quay\nLOCATION:Tern Quay\nEND:VEVENT\nEND:VCALENDAR";
        self::assertSame(['added' => 0, 'changed' => 1, 'same' => 3, 'off' => 0], $this->bring('shows.ics', str_replace('END:VCALENDAR', $later, $moved))->json());
        self::assertSame(1, Show::query()->where('starts_at', '2026-03-30 18:00:00')->count());
        $often = str_replace('RRULE:FREQ=WEEKLY;COUNT=3', 'RRULE:FREQ=MINUTELY', self::CALENDAR);
        self::assertLiraError($this->bring('shows.ics', $often), 422, '/file', 'comes back too often');
        $off = str_replace('SUMMARY:Harbour day', "SUMMARY:Harbour day\nSTATUS:CANCELLED", self::CALENDAR);
        self::assertSame(1, $this->bring('shows.ics', $off)->json('off'));
        self::assertSame(3, Show::query()->count());
        self::assertSame(0.0, (float) Play::query()->whereNotIn('show_id', Show::query()->select('id'))->sum('hours'));
    }

    /** What cannot be followed, or not in any sensible time, is refused in words; nobody else waits for it. */
    #[DataProvider('hostile')]
    public function test_a_calendar_that_takes_for_ever_is_refused_before_anybody_waits(string $rule, int $events = 1): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        $event = static fn (int $number): string => "BEGIN:VEVENT\nUID:{$number}@quay\nDTSTAMP:20200101T000000Z\nDTSTART:20210101T200000Z\n{$rule}\nSUMMARY:Show {$number}\nEND:VEVENT\n";
        $calendar = "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//x//EN\n".implode('', array_map($event, range(1, $events))).'END:VCALENDAR';
        [$levels, $outside] = [[], DB::transactionLevel()];
        DB::listen(static function () use (&$levels): void {
            $levels[] = DB::transactionLevel();
        });
        self::assertLiraError($this->bring('shows.ics', $calendar), 422, '/file', 'alendar');
        self::assertSame([], array_filter($levels, static fn (int $level): bool => $level > $outside), 'nothing was locked');
        self::assertSame(0, Show::query()->count());
    }

    /** @return iterable<string, array{string, 1?: int}> */
    public static function hostile(): iterable
    {
        yield 'the 30th of February' => ['RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'];
        yield 'the 25th hour' => ['RRULE:FREQ=DAILY;BYHOUR=25'];
        yield 'the 53rd week' => ['RRULE:FREQ=YEARLY;BYWEEKNO=53;BYDAY=MO'];
        yield 'many that come back daily' => ['RRULE:FREQ=DAILY', 30];
        yield 'no rule' => ['RRULE:x'];
        yield 'every second' => ['RRULE:FREQ=SECONDLY'];
    }

    public function test_calendars_in_other_encodings_and_with_other_signs_are_read(): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        $calendar = static fn (string $name): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1@quay\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260704T190000Z\r\nSUMMARY:{$name}\r\nLOCATION:Quay\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        foreach (['Café' => $calendar("Caf\xE9"), 'Pier ends' => $calendar("Pier\0 \x07ends"), 'Über' => mb_convert_encoding("\u{FEFF}".$calendar('Über'), 'UTF-16LE', 'UTF-8')] as $name => $text) {
            $this->bring('shows.ics', $text)->assertCreated();
            self::assertSame($name, Show::query()->sole()->name);
            $this->get('/log/shows')->assertOk();
            $this->getJson('/search?for=quay')->assertOk();
        }
        foreach (['DTSTART:' => 'no day', 'DTSTART:soon' => 'no day either', 'X-NOTHING:1' => 'none at all'] as $when => $what) {
            self::assertLiraError($this->bring('shows.ics', str_replace('DTSTART:20260704T190000Z', $when, $calendar('Show'))), 422, '/file', 'alendar');
        }
        self::assertSame(1, Show::query()->count());
    }

    public function test_a_row_of_shows_is_followed_through_what_was_taken_out_moved_and_added(): void
    {
        $rows = <<<'ICS'
            BEGIN:VCALENDAR
            VERSION:2.0
            PRODID:-//Tern Quay//Diary//EN
            BEGIN:VEVENT
            UID:whole@quay
            DTSTAMP:20260101T000000Z
            DTSTART;VALUE=DATE:20260327
            RRULE:FREQ=DAILY;COUNT=4
            EXDATE;VALUE=DATE:20260328
            SUMMARY:Harbour days
            END:VEVENT
            BEGIN:VEVENT
            UID:moved@quay
            DTSTAMP:20260101T000000Z
            DTSTART;TZID=Europe/Lisbon:20260322T203000
            DURATION:PT3H
            RRULE:FREQ=WEEKLY;COUNT=3
            SUMMARY:Session
            END:VEVENT
            BEGIN:VEVENT
            UID:moved@quay
            DTSTAMP:20260101T000000Z
            RECURRENCE-ID;TZID=Europe/Lisbon:20260329T203000
            DTSTART;TZID=Europe/Lisbon:20260330T180000
            DURATION:PT1H
            SUMMARY:Session, a day later
            END:VEVENT
            BEGIN:VEVENT
            UID:orphan@quay
            DTSTAMP:20260101T000000Z
            RECURRENCE-ID:20260501T190000Z
            DTSTART:20260502T190000Z
            DTEND:20260502T200000Z
            SUMMARY:One of a row
            END:VEVENT
            BEGIN:VEVENT
            UID:dates@quay
            DTSTAMP:20260101T000000Z
            DTSTART:20260601T190000
            DTEND:20260601T220000
            RDATE:20260608T190000,20260615T180000
            SUMMARY:On three days
            STATUS:CANCELLED
            END:VEVENT
            BEGIN:VEVENT
            UID:old@quay
            DTSTAMP:20260101T000000Z
            DTSTART:20100101T190000Z
            RRULE:FREQ=YEARLY
            SUMMARY:Each year
            END:VEVENT
            END:VCALENDAR
            ICS;
        $shows = ShowCalendar::read($rows, new \DateTimeZone('Europe/Paris'), Carbon::parse('2026-11-30 07:00', 'UTC'));
        self::assertSame([
            '2026-03-27T19:00 2 h whole@quay#20260326T230000',
            '2026-03-29T18:00 2 h whole@quay#20260328T230000',
            '2026-03-30T18:00 2 h whole@quay#20260329T220000',
            '2026-03-22T20:30 3 h moved@quay#20260322T203000',
            '2026-03-30T17:00 1 h moved@quay#20260329T193000',
            '2026-04-05T19:30 3 h moved@quay#20260405T193000',
            '2026-05-02T19:00 1 h orphan@quay#20260502T190000',
            '2026-06-01T17:00 3 h dates@quay#20260601T170000 off',
            '2026-06-08T17:00 3 h dates@quay#20260608T170000 off',
            '2026-06-15T16:00 3 h dates@quay#20260615T160000 off',
            ...array_map(static fn (int $year): string => "{$year}-01-01T19:00 2 h old@quay#{$year}0101T190000", range(2022, 2028)),
        ], array_map(
            static fn (SaidShow $show): string => $show->startsAt->format('Y-m-d\TH:i')." {$show->hours} h {$show->uid}".($show->isOff ? ' off' : ''),
            $shows,
        ));
    }

    /** A year of daily shows on two instruments took a quarter of a minute, in which nobody else could save. */
    public function test_many_shows_are_kept_together_and_their_hours_are_those_of_each(): void
    {
        $this->travelTo('2026-06-01 12:00:00');
        $one = self::keptInstrument();
        $instruments = [$one, Instrument::query()->create(['name' => 'Curlew'] + $one->only(['kind', 'strings', 'document', 'first_mm', 'last_mm']))];
        foreach ($instruments as $instrument) {
            self::fitted($instrument, '2026-06-20', '2026-07-11');
            self::fitted($instrument, '2026-07-11', '2026-12-24');
            self::fitted($instrument, '2026-12-24', null);
        }
        $ids = array_map(static fn (Instrument $instrument): int => $instrument->id, $instruments);
        $daily = str_replace(['FREQ=WEEKLY;COUNT=3', '20260322'], ['FREQ=DAILY;COUNT=365', '20260610'], self::CALENDAR);
        $steps = [
            'new' => [$daily, [...$ids, ...$ids], [366, 0, 0, 0]],
            'again' => [$daily, [], [0, 0, 366, 0]],
            'shorter' => [str_replace('COUNT=365', 'COUNT=100', $daily), [], [0, 0, 101, 265]],
            'at another hour' => [str_replace('T203000', 'T190000', $daily), [$ids[0]], [365, 0, 1, 100]],
            'back' => [$daily, [], [0, 365, 1, 365]],
            'longer' => [str_replace('T230000', 'T233000', $daily), [], [0, 365, 1, 0]],
        ];
        foreach ($steps as $step => [$text, $for, $counts]) {
            DB::flushQueryLog();
            DB::enableQueryLog();
            self::assertSame($counts, array_values((array) $this->bring('shows.ics', $text, $for)->assertCreated()->json()), $step);
            self::assertLessThan(60, count(DB::getQueryLog()), $step);
            $sums = static fn (): array => DB::table('fitting_hours')->orderBy('fitting_id')->orderBy('exposure')->get()->all();
            $kept = $sums();
            self::assertNotEmpty($kept);
            DB::table('fitting_hours')->delete();
            array_map(app(HoursOfStrings::class)->ofInstrument(...), $ids);
            self::assertEquals($sums(), $kept, $step);
            // Each is played for as long as it takes, by the day it is there; what does not take place is played for no time.
            foreach (Show::withTrashed()->with('plays')->get() as $show) {
                foreach ($show->plays as $play) {
                    self::assertSame([$show->trashed() ? 0.0 : $show->hours, $show->starts_at->copy()->setTimezone('Europe/Lisbon')->toDateString()], [$play->hours, $play->played_on->toDateString()], $step);
                }
            }
        }
        self::assertSame(2 * 366 + 365, Play::query()->count());
    }

    public function test_what_a_calendar_says_later_holds(): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        LogSettings::here()->update(['time_zone' => 'Europe/Lisbon']);
        $counts = fn (string $text): array => array_values((array) $this->bring('shows.ics', $text)->assertCreated()->json());
        // Called off and confirmed again.
        self::assertSame([4, 0, 0, 0], $counts(self::CALENDAR));
        self::assertSame([0, 0, 3, 1], $counts(str_replace('SUMMARY:Harbour day', "SUMMARY:Harbour day\nSTATUS:CANCELLED", self::CALENDAR)));
        self::assertSame([0, 1, 3, 0], $counts(self::CALENDAR));
        self::assertSame(4, Show::query()->count());
        // What was dropped here stays so.
        $this->deleteJson('/log/shows/'.Show::query()->where('name', 'Harbour day')->sole()->id)->assertOk();
        $counts(self::CALENDAR);
        self::assertSame(3, Show::query()->count());
        // One is taken out of the row; then the row is shorter; then it is whole again.
        self::assertSame(1, $counts(str_replace('RRULE:FREQ=WEEKLY;COUNT=3', "RRULE:FREQ=WEEKLY;COUNT=3\nEXDATE;TZID=Europe/Lisbon:20260329T203000", self::CALENDAR))[3]);
        self::assertSame(['2026-03-22 20:30:00', '2026-04-05 19:30:00'], Show::query()->orderBy('starts_at')->get()->map(static fn (Show $show): string => $show->starts_at->toDateTimeString())->all());
        $counts(str_replace('COUNT=3', 'COUNT=1', self::CALENDAR));
        self::assertSame(1, Show::query()->count());
        $counts(self::CALENDAR);
        self::assertSame(3, Show::query()->count());
        // Without a name of its own each is one.
        $unnamed = str_replace("\nUID:", "\nX-WAS:", self::CALENDAR);
        self::assertSame(4, $counts($unnamed)[0]);
        self::assertSame([0, 0, 4, 0], $counts($unnamed));
    }

    public function test_calendars_that_are_broken_anyhow_are_read_or_refused(): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        $random = new Randomizer(new Mt19937(24));
        for ($case = 0; $case < 60; $case++) {
            $text = self::CALENDAR;
            for ($change = $random->getInt(1, 4); $change > 0; $change--) {
                $at = $random->getInt(0, strlen($text) - 1);
                $text = substr_replace($text, ["\xFF", ';', ':', "\n", '999999999', '', 'BYDAY=MO', "\0"][$random->getInt(0, 7)], $at, $random->getInt(0, 12));
            }
            self::assertContains($this->bring('shows.ics', $text)->getStatusCode(), [201, 422], "case {$case}: ".json_encode($text, JSON_INVALID_UTF8_SUBSTITUTE));
        }
    }

    public function test_a_list_comes_in_by_the_names_of_its_columns_or_not_at_all(): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        LogSettings::here()->update(['time_zone' => 'Europe/Lisbon']);
        self::keptSet();
        self::keptSet(Documents::with('/instrument/name', 'Tern'));
        $names = Instrument::query()->orderBy('id')->get()->map(static fn (Instrument $one): string => $one->name)->all();
        $list = "Date;Time;Show;Venue;Hours;Instruments;Salt\n24.05.2026;21:00;Regatta;Pier;1,5;{$names[0]}, tern;x\n2026-06-01;;Small hall;;;;\n";
        self::assertSame(2, $this->bring('shows.csv', $list)->assertCreated()->json('added'));
        $regatta = Show::query()->where('name', 'Regatta')->sole();
        self::assertSame(['2026-05-24 20:00:00', 1.5, true, 2], [$regatta->starts_at->toDateTimeString(), $regatta->hours, $regatta->salt, $regatta->plays()->count()]);
        self::assertSame(2, $this->bring('shows.csv', $list)->json('same'));

        $bad = $this->bring('shows.csv', "date,name,hours\n2026-13-01,Nowhere,2\n2026-06-02,Good,2\n2026-06-03,Long,30\n")->assertStatus(422);
        self::assertSame(['/file/lines/2', '/file/lines/4'], array_column((array) $bad->json('errors'), 'path'));
        self::assertLiraError($this->bring('shows.csv', "date,name,instruments\n2026-06-02,Good,Nobody’s\n"), 422, '/file', 'No instrument here is called “Nobody’s”');
        self::assertLiraError($this->bring('shows.csv', "one,two\n1,2\n"), 422, '/file', 'date and name at least');
        self::assertLiraError($this->bring('shows.ics', "BEGIN:VCALENDAR\nnonsense"), 422, '/file', 'cannot be read as a calendar');
        self::assertSame(2, Show::query()->count());
    }

    /**
     * @param  list<int>  $instruments
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function bring(string $name, string $text, array $instruments = []): TestResponse
    {
        return $this->sendForm('/log/shows/import', ['file' => UploadedFile::fake()->createWithContent($name, $text)], ['instruments' => $instruments]);
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return array<string, mixed>
     */
    private static function said(array $changed): array
    {
        return $changed + ['name' => 'At the quay', 'place' => '', 'on' => '2026-06-03', 'at' => '20:30', 'hours' => 2.5, 'instruments' => [], 'zone' => 'Europe/Lisbon'];
    }
}
