<?php

declare(strict_types=1);

namespace App\Log\Calendar;

use App\Log\Views\DueView;
use App\Log\WhatIsDue;
use App\Models\Show;
use App\Workshop\DatabaseFault;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Wording\Dates;
use Sabre\VObject\Component\VCalendar;

/**
 * What is due and which shows there are, as an iCalendar file. An event keeps its UID as long as it is the same, and its SEQUENCE grows
 * whenever it says something else. Days are days wherever one reads them; shows are told in UTC, so that no reader needs to know this zone.
 *
 * @phpstan-type Said array<string, string|\DateTimeImmutable>
 */
final readonly class CalendarFile
{
    private const AHEAD_MONTHS = 12;

    /** Shows that are over stay so long. */
    private const BACK_MONTHS = 3;

    public function __construct(private WhatIsDue $due) {}

    public function text(?Carbon $now = null): string
    {
        $now ??= Carbon::now();
        $calendar = new VCalendar([
            'PRODID' => '-//Lira//Log//EN',
            'METHOD' => 'PUBLISH',
            'NAME' => 'Lira: strings, care and shows',
        ]);
        $calendar->add('REFRESH-INTERVAL', 'PT1H', ['VALUE' => 'DURATION']);
        $events = [];
        foreach ($this->due->until($now->copy()->addMonths(self::AHEAD_MONTHS), $now) as $view) {
            $events["{$view->key}@log.lira"] = self::day($view);
        }
        foreach (Show::query()->with('plays')->where('starts_at', '>', $now->copy()->subMonths(self::BACK_MONTHS))->orderBy('starts_at')->get() as $show) {
            $events["show-{$show->uid}@log.lira"] = self::show($show);
        }
        foreach ($this->changes($events, $now) as $uid => ['sequence' => $sequence, 'changed' => $changed]) {
            $event = $events[$uid];
            $added = $calendar->createComponent('VEVENT', [
                'UID' => $uid, 'SEQUENCE' => $sequence, 'DTSTAMP' => $changed->toDateTimeImmutable(), 'LAST-MODIFIED' => $changed->toDateTimeImmutable(),
                ...array_diff_key($event, ['DTSTART' => true, 'DTEND' => true]),
            ]);
            foreach (['DTSTART', 'DTEND'] as $when) {
                $at = $event[$when];
                if (is_string($at)) {
                    $added->add($when, $at, ['VALUE' => 'DATE']);
                } elseif ($at instanceof \DateTimeImmutable) {
                    $added->add($when, $at);
                }
            }
            $calendar->add($added);
        }

        return $calendar->serialize();
    }

    /** @return Said */
    private static function day(DueView $due): array
    {
        $day = Carbon::parse($due->on);

        return [
            'SUMMARY' => "{$due->name}: {$due->do}",
            'DESCRIPTION' => trim(implode("\n", array_filter([
                $due->why, $due->caution, $due->put_off === null ? '' : 'Put off to '.Dates::named('')->date(Carbon::parse($due->put_off)).($due->put_off_why === '' ? '.' : ": {$due->put_off_why}"),
                $due->bench === '' ? '' : "Bench: {$due->bench}.", $due->owner === '' ? '' : "Owner: {$due->owner}.",
            ], static fn (string $line): bool => $line !== ''))),
            'CATEGORIES' => match ($due->what) {
                'care' => 'Care',
                'job' => 'Jobs',
                default => 'Strings',
            },
            'TRANSP' => 'TRANSPARENT',
            'DTSTART' => $day->format('Ymd'),
            'DTEND' => $day->addDay()->format('Ymd'),
        ];
    }

    /** @return Said */
    private static function show(Show $show): array
    {
        $start = $show->starts_at->copy()->utc()->toDateTimeImmutable();

        return array_filter([
            'SUMMARY' => $show->name,
            'LOCATION' => $show->place,
            'CATEGORIES' => 'Shows',
            'DTSTART' => $start,
            'DTEND' => $start->modify('+'.max(1, (int) round(60 * $show->hours)).' minutes'),
        ], static fn (mixed $said): bool => $said !== '');
    }

    /**
     * How often each event was changed, and when the last time.
     *
     * @param  array<string, Said>  $events  by UID
     * @return array<string, array{sequence: int, changed: Carbon}>
     */
    private function changes(array $events, Carbon $now): array
    {
        $known = DB::table('calendar_events')->get()->keyBy('uid');
        [$changes, $write] = [[], []];
        foreach ($events as $uid => $event) {
            $digest = sha1(serialize($event));
            /** @var null|(object{digest: string, sequence: int, changed_at: string}&\stdClass) $was */
            $was = $known[$uid] ?? null;
            if ($was === null || $was->digest !== $digest) {
                $write[] = ['uid' => $uid, 'digest' => $digest, 'sequence' => $was === null ? 0 : $was->sequence + 1, 'changed_at' => $now->copy()->utc()->toDateTimeString()];
            }
            $changes[$uid] = $was !== null && $was->digest === $digest ? ['sequence' => $was->sequence, 'changed' => Carbon::parse($was->changed_at, 'UTC')]
                : ['sequence' => $was === null ? 0 : $was->sequence + 1, 'changed' => $now->copy()->utc()];
        }
        try {
            $gone = array_values(array_diff($known->keys()->all(), array_keys($events)));
            if ($write !== [] || $gone !== []) {
                DB::transaction(fn () => $this->remember($write, $gone));
            }
        } catch (\PDOException $failure) {
            // Whoever reads what is due reads it on a full disk, too; what changed is remembered the next time.
            if (DatabaseFault::behind($failure) === null) {
                throw $failure;
            }
        }

        return $changes;
    }

    /**
     * @param  list<array{uid: string, digest: string, sequence: int, changed_at: string}>  $changed
     * @param  list<int|string>  $gone  by UID
     */
    private function remember(array $changed, array $gone): void
    {
        foreach (array_chunk($changed, 100) as $some) {
            DB::table('calendar_events')->upsert($some, ['uid'], ['digest', 'sequence', 'changed_at']);
        }
        foreach (array_chunk($gone, 100) as $some) {
            DB::table('calendar_events')->whereIn('uid', $some)->delete();
        }
    }
}
