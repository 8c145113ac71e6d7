<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\Instrument;
use App\Models\LogSettings;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
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
