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
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
            if (! $calendar instanceof VCalendar) {
                throw InvalidDocument::at('/file', 'This is no calendar of events. Export one as .ics and try again.');
            }
            $events = $calendar->expand($now->copy()->modify(self::BACK), $now->copy()->modify(self::AHEAD), $zone)->select('VEVENT');
        } catch (ParseException|InvalidDataException|NoInstancesException|\InvalidArgumentException) {
            throw InvalidDocument::at('/file', 'This cannot be read as a calendar. Export it as .ics and try again.');
        } catch (MaxInstancesExceededException) {
            throw InvalidDocument::at('/file', 'Something in this calendar comes back too often to be a show. Take it out and try again.');
        }
        $shows = [];
        foreach ($events as $event) {
            $show = $event instanceof VEvent ? self::show($event, $zone) : null;
            if ($show !== null) {
                $shows[] = $show;
            }
            if (count($shows) > self::MOST) {
                throw InvalidDocument::at('/file', 'These are more than '.self::MOST.' shows. Take a smaller calendar.');
            }
        }

        return $shows === [] ? throw InvalidDocument::at('/file', 'No event of the last five years or the next 18 months is in this calendar.') : $shows;
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
        $name = trim(self::word($event, 'SUMMARY'));

        return new SaidShow(
            mb_substr($name === '' ? 'A show' : $name, 0, 200),
            mb_substr(trim(self::word($event, 'LOCATION')), 0, 200),
            $start->copy()->utc(),
            $hours > 0 ? $hours : self::USUAL_HOURS,
            uid: mb_substr(self::word($event, 'UID'), 0, 350).($meant instanceof DateTime ? '#'.$meant->getDateTime($zone)->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis') : ''),
            isOff: strtoupper(self::word($event, 'STATUS')) === 'CANCELLED',
        );
    }

    private static function property(VEvent $event, string $name): ?Property
    {
        $found = $event->select($name)[0] ?? null;

        return $found instanceof Property ? $found : null;
    }

    private static function word(VEvent $event, string $name): string
    {
        return (string) self::property($event, $name)?->getValue();
    }
}
