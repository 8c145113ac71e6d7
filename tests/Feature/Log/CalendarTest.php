<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\LogSettings;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;

/** What is due and the shows, as calendars read them. */
final class CalendarTest extends LogTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-01 12:00:00');
        LogSettings::here()->update(['time_zone' => 'Europe/Lisbon']);
    }

    public function test_it_is_valid_days_are_days_and_shows_keep_their_hour_over_summer_time(): void
    {
        $set = $this->strung();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 6])->assertOk();
        foreach (['2026-03-28', '2026-03-29'] as $on) {
            $this->show($set->instrument_id, ['on' => $on, 'name' => "Show; with, signs\non {$on}"]);
        }
        $answer = $this->get('/log/calendar')->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=UTF-8');
        $calendar = self::read((string) $answer->getContent());
        self::assertSame([], $calendar->validate());
        // A calendar that subscribes asks again within the hour.
        self::assertStringContainsString("\r\nREFRESH-INTERVAL;VALUE=DURATION:PT1H\r\n", (string) $answer->getContent());
        $uids = array_map(static fn (VEvent $event): string => self::word($event, 'UID'), self::events($calendar));
        self::assertSame($uids, array_unique($uids));
        $shows = self::named($calendar, 'Shows');
        self::assertSame(['20260328T203000Z', '20260329T193000Z'], array_map(static fn (VEvent $event): string => self::word($event, 'DTSTART'), $shows));
        self::assertSame("Show; with, signs\non 2026-03-28", self::word($shows[0], 'SUMMARY'));
        $care = self::named($calendar, 'Care')[0];
        $begins = $care->select('DTSTART')[0] ?? null;
        self::assertInstanceOf(DateTime::class, $begins);
        self::assertFalse($begins->hasTime());
        // A whole day ends where the next begins, and a show after its hours.
        $ends = $care->select('DTEND')[0] ?? null;
        self::assertInstanceOf(DateTime::class, $ends);
        self::assertFalse($ends->hasTime());
        self::assertEquals($begins->getDateTime()->modify('+1 day'), $ends->getDateTime());
        self::assertSame(['20260328T223000Z', '20260329T213000Z'], array_map(static fn (VEvent $event): string => self::word($event, 'DTEND'), $shows));
        self::assertGreaterThanOrEqual(3, count(self::named($calendar, 'Care')));
        self::assertCount(1, self::named($calendar, 'Strings'));
        foreach (explode("\r\n", (string) $answer->getContent()) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
    }

    public function test_whoever_subscribed_sees_what_changed_and_nothing_else(): void
    {
        $set = $this->strung();
        $show = $this->show($set->instrument_id, []);
        $feed = $this->feed();
        $first = $this->get($feed)->assertOk();
        $etag = (string) $first->headers->get('ETag');
        $this->travelTo('2026-03-01 15:00:00');
        $this->get($feed, ['If-None-Match' => $etag])->assertStatus(304);

        $this->putJson("/log/shows/{$show}", self::said($set->instrument_id, ['at' => '21:15']))->assertOk();
        $again = $this->get($feed, ['If-None-Match' => $etag])->assertOk();
        [$before, $after] = [self::byUid(self::read((string) $first->getContent())), self::byUid(self::read((string) $again->getContent()))];
        self::assertSame(array_keys($before), array_keys($after));
        foreach ($after as $uid => $event) {
            $changed = str_starts_with($uid, 'show-');
            self::assertSame($changed ? '1' : '0', self::word($event, 'SEQUENCE'), $uid);
            self::assertSame($changed ? '20260301T150000Z' : '20260301T120000Z', self::word($event, 'LAST-MODIFIED'), $uid);
        }
        // What is called off is gone, what is put off stays the same event on another day.
        $this->deleteJson("/log/shows/{$show}")->assertOk();
        $this->postJson("/instruments/{$set->instrument_id}/care", ['rule' => 'relief', 'until' => '2026-09-20', 'note' => 'Later.'])->assertCreated();
        $last = self::byUid(self::read((string) $this->get($feed)->getContent()));
        self::assertSame([], array_filter(array_keys($last), static fn (string $uid): bool => str_starts_with($uid, 'show-')));
        $relief = $last["care-{$set->instrument_id}-relief-20260301@log.lira"];
        self::assertSame(['20260920', '1'], [self::word($relief, 'DTSTART'), self::word($relief, 'SEQUENCE')]);
    }

    public function test_only_who_has_its_address_reads_it_and_a_new_one_ends_the_old(): void
    {
        $feed = $this->feed();
        $this->get(substr_replace($feed, 'ffff', -8, 4))->assertNotFound();
        $new = $this->postJson('/log/calendar/address')->assertOk()->json('feed');
        self::assertNotSame($feed, $new);
        $this->get($feed)->assertNotFound();
        self::assertIsString($new);
        $this->get($new)->assertOk();
    }

    private function feed(): string
    {
        return route('log.feed', ['key' => LogSettings::here()->feed_key]);
    }

    /** @param  array<string, mixed>  $changed */
    private function show(int $instrument, array $changed): int
    {
        return self::idOf($this->postJson('/log/shows', self::said($instrument, $changed)));
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return array<string, mixed>
     */
    private static function said(int $instrument, array $changed): array
    {
        return $changed + ['name' => 'Regatta', 'place' => 'Pier', 'on' => '2026-05-03', 'at' => '20:30', 'hours' => 2, 'instruments' => [$instrument]];
    }

    private static function read(string $text): VCalendar
    {
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    /** @return list<VEvent> */
    private static function events(VCalendar $calendar): array
    {
        return array_values(array_filter($calendar->select('VEVENT'), static fn (mixed $event): bool => $event instanceof VEvent));
    }

    /** @return list<VEvent> */
    private static function named(VCalendar $calendar, string $category): array
    {
        return array_values(array_filter(self::events($calendar), static fn (VEvent $event): bool => self::word($event, 'CATEGORIES') === $category));
    }

    /** @return array<string, VEvent> */
    private static function byUid(VCalendar $calendar): array
    {
        $events = [];
        foreach (self::events($calendar) as $event) {
            $events[self::word($event, 'UID')] = $event;
        }

        return $events;
    }

    private static function word(VEvent $event, string $name): string
    {
        $property = $event->select($name)[0] ?? null;

        return $property instanceof Property ? (string) $property->getValue() : '';
    }
}
