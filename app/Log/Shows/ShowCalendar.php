<?php

declare(strict_types=1);

namespace App\Log\Shows;

use Illuminate\Support\Carbon;
use Lira\Document\InvalidDocument;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\DateTimeParser;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\EventIterator;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Sabre\VObject\Recur\NoInstancesException;
use Sabre\VObject\Settings;

/** Shows of an iCalendar file. What comes back again and again is read for a year and a half to come. */
final class ShowCalendar
{
    private const MOST = 2000;

    /** Daily for sixteen years: what comes back more often since it began is no show. */
    private const MOST_TIMES = 6_000;

    private const AHEAD = '+18 months';

    private const BACK = '-5 years';

    private const USUAL_HOURS = 2.0;

    private const MOST_HOURS = 24.0;

    /** What lasts the whole day says no hour. */
    private const USUAL_TIME = '20:00';

    /**
     * @param  \DateTimeZone  $zone  in which times without one are meant
     * @return list<SaidShow>
     *
     * @throws InvalidDocument if it cannot be read
     */
    public static function read(string $text, \DateTimeZone $zone, ?Carbon $now = null): array
    {
        $now ??= Carbon::now();
        Settings::$maxRecurrences = self::MOST_TIMES;
        try {
            $calendar = Reader::read(self::asUtf8($text), Reader::OPTION_FORGIVING);
            if (! $calendar instanceof VCalendar) {
                throw InvalidDocument::at('/file', 'This is no calendar of events. Export one as .ics and try again.');
            }
            self::checkOften($calendar);
            self::nameAll($calendar);
            $found = self::found($calendar, $now->copy()->modify(self::BACK), $now->copy()->modify(self::AHEAD), $zone);
        } catch (ParseException|InvalidDataException|NoInstancesException|\InvalidArgumentException) {
            throw InvalidDocument::at('/file', 'This cannot be read as a calendar. Export it as .ics and try again.');
        } catch (MaxInstancesExceededException) {
            throw InvalidDocument::at('/file', 'Something in this calendar comes back too often to be a show. Take it out and try again.');
        }

        return $found === [] ? throw InvalidDocument::at('/file', 'No event of the last five years or the next 18 months is in this calendar.') : $found;
    }

    /**
     * @return list<SaidShow> what takes place between two times, what comes back each time anew
     *
     * @throws InvalidDocument if they are too many
     * @throws InvalidDataException|MaxInstancesExceededException if it cannot be followed
     */
    private static function found(VCalendar $calendar, Carbon $from, Carbon $to, \DateTimeZone $zone): array
    {
        [$shows, $rows] = [[], []];
        $keep = static function (?SaidShow $show) use (&$shows): void {
            if ($show !== null) {
                $shows[] = $show;
            }
            if (count($shows) > self::MOST) {
                throw InvalidDocument::at('/file', 'These are more than '.self::MOST.' shows. Take a smaller calendar.');
            }
        };
        foreach ($calendar->select('VEVENT') as $event) {
            if (! $event instanceof VEvent) {
                continue;
            }
            if (self::property($event, 'RECURRENCE-ID') !== null || self::property($event, 'RRULE') !== null || self::property($event, 'RDATE') !== null) {
                $rows[self::word($event, 'UID')][] = $event;
            } elseif ($event->isInTimeRange($from, $to)) {
                $keep(self::showOrNone($event, $zone));
            }
        }
        foreach ($rows as $events) {
            try {
                $each = new EventIterator($events, null, $zone);
            } catch (NoInstancesException) {
                continue;
            }
            $each->fastForward($from);
            // In a row of which none was moved only the time is another each time: nothing has to be copied for it.
            $isWhole = count($events) === 1 && self::property($events[0], 'RECURRENCE-ID') === null;
            $like = $isWhole ? self::showOrNone($events[0], $zone) : null;
            $hasTime = self::property($events[0], 'DTSTART');
            for (; $each->valid() && $each->getDtStart() < $to; $each->next()) {
                if ($each->getDtEnd() <= $from) {
                    continue;
                }
                $keep(! $isWhole ? self::showOrNone($each->getEventObject(), $zone) : self::again(
                    $like,
                    $each->getDtStart(),
                    $hasTime instanceof DateTime && $hasTime->hasTime(),
                    $zone,
                ));
            }
        }

        return $shows;
    }

    /** One of a row, at another time. */
    private static function again(?SaidShow $like, ?\DateTimeInterface $starts, bool $hasTime, \DateTimeZone $zone): ?SaidShow
    {
        if ($like === null || $starts === null) {
            return null;
        }
        $start = Carbon::instance($starts);

        return new SaidShow(
            $like->name,
            $like->place,
            ($hasTime ? $start->copy() : Carbon::parse($start->toDateString().' '.self::USUAL_TIME, $zone))->utc(),
            $like->hours,
            uid: $like->uid.'#'.$start->copy()->utc()->format('Ymd\THis'),
            isOff: $like->isOff,
        );
    }

    /** One that says no day it can be on is none. */
    private static function showOrNone(VEvent $event, \DateTimeZone $zone): ?SaidShow
    {
        try {
            return self::show($event, $zone);
        } catch (InvalidDataException|\InvalidArgumentException) {
            return null;
        }
    }

    /** Calendars are UTF-8; what older programs write is not always. */
    private static function asUtf8(string $text): string
    {
        $from = match (true) {
            str_starts_with($text, "\xFF\xFE") => 'UTF-16LE',
            str_starts_with($text, "\xFE\xFF") => 'UTF-16BE',
            mb_check_encoding($text, 'UTF-8') => 'UTF-8',
            default => 'Windows-1252',
        };

        return (string) preg_replace('/^\x{FEFF}/u', '', mb_convert_encoding($text, 'UTF-8', $from));
    }

    /** @throws MaxInstancesExceededException if something comes back within the day: that is no show, and is not followed at all */
    private static function checkOften(VCalendar $calendar): void
    {
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent && preg_match('/FREQ=(?:SECONDLY|MINUTELY|HOURLY)/i', self::word($event, 'RRULE')) === 1) {
                throw new MaxInstancesExceededException;
            }
        }
    }

    /** Without a name of its own an event is known by what it is and when. */
    private static function nameAll(VCalendar $calendar): void
    {
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent && self::line($event, 'UID') === '') {
                $event->remove('UID');
                $event->add('UID', 'unnamed-'.sha1(self::line($event, 'SUMMARY').' '.self::word($event, 'DTSTART')));
            }
        }
    }

    private static function show(VEvent $event, \DateTimeZone $zone): ?SaidShow
    {
        $begins = self::property($event, 'DTSTART');
        if (! $begins instanceof DateTime) {
            return null;
        }
        $start = Carbon::instance($begins->getDateTime($zone));
        $ends = self::property($event, 'DTEND');
        $hours = self::USUAL_HOURS;
        if (! $begins->hasTime()) {
            $start = Carbon::parse($start->toDateString().' '.self::USUAL_TIME, $zone);
        } elseif ($ends instanceof DateTime) {
            $hours = min(self::MOST_HOURS, ($ends->getDateTime($zone)->getTimestamp() - $start->getTimestamp()) / 3600);
        } elseif (self::property($event, 'DURATION') !== null) {
            $length = DateTimeParser::parseDuration(self::word($event, 'DURATION'));
            $hours = $length instanceof \DateInterval ? min(self::MOST_HOURS, ($start->copy()->add($length)->getTimestamp() - $start->getTimestamp()) / 3600) : self::USUAL_HOURS;
        }
        // One of many is known by when it was meant to be, however it was moved.
        $meant = self::property($event, 'RECURRENCE-ID');
        $name = self::line($event, 'SUMMARY');

        return new SaidShow(
            mb_substr($name === '' ? 'A show' : $name, 0, 200),
            mb_substr(self::line($event, 'LOCATION'), 0, 200),
            $start->copy()->utc(),
            $hours > 0 ? $hours : self::USUAL_HOURS,
            uid: mb_substr(self::line($event, 'UID'), 0, 350).($meant instanceof DateTime ? '#'.$meant->getDateTime($zone)->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis') : ''),
            isOff: strtoupper(self::word($event, 'STATUS')) === 'CANCELLED',
        );
    }

    private static function property(VEvent $event, string $name): ?Property
    {
        $found = $event->select($name)[0] ?? null;

        return $found instanceof Property ? $found : null;
    }

    /** What is said in one line, without the signs that steer a printer or end a text. */
    private static function line(VEvent $event, string $name): string
    {
        return trim((string) preg_replace('/[\p{Cc}\p{Cs}\s]+/u', ' ', mb_scrub(self::word($event, $name))));
    }

    private static function word(VEvent $event, string $name): string
    {
        return (string) self::property($event, $name)?->getValue();
    }
}
