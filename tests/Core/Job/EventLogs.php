<?php

declare(strict_types=1);

namespace Tests\Core\Job;

use Lira\Document\JobEventReader;
use Lira\Document\Problems;
use Lira\Job\Event\Did;
use Lira\Job\Log;
use Lira\Job\Progress;
use Lira\Job\Recorded;

/** The logs of events that PHP and TypeScript fold alike: read, and what they come to written as the fixture has it. */
final class EventLogs
{
    public const FILE = __DIR__.'/../../fixtures/job-events.json';

    /** @return array<string, array{rounds: list<string>, events: list<\stdClass>, end: \stdClass}> by what each is about */
    public static function all(): array
    {
        /** @var list<\stdClass&object{about: string, rounds: list<string>, events: list<\stdClass>, end: \stdClass}> $logs */
        $logs = json_decode((string) file_get_contents(self::FILE), flags: JSON_THROW_ON_ERROR);
        $all = [];
        foreach ($logs as $log) {
            $all[$log->about] = ['rounds' => $log->rounds, 'events' => $log->events, 'end' => $log->end];
        }

        return $all;
    }

    /** @param  list<\stdClass>  $events  each with its place in the order of receipt */
    public static function log(array $events): Log
    {
        return Log::of(array_map(self::recorded(...), $events));
    }

    public static function recorded(\stdClass $event): Recorded
    {
        $problems = new Problems;
        $heard = (new JobEventReader)->read($event, '', $problems);
        $problems->throwIfAny();
        if ($heard === null || ! is_int($event->order ?? null)) {
            throw new \LogicException('This is no event');
        }

        return new Recorded($heard->id, $heard->event, $event->order, $heard->device, $heard->sequence, $heard->seen, $heard->atS, $heard->by);
    }

    /** What events come to, as the fixture says it. */
    public static function end(Progress $progress): \stdClass
    {
        $at = static fn (mixed $s): string => gmdate('Y-m-d\TH:i:s\Z', is_int($s) ? $s : 0);
        $by = static function (array $map, callable $of): array {
            ksort($map);

            return array_map(static fn (int|string $key, mixed $value): array => [$key, $of($value)], array_keys($map), array_values($map));
        };
        $same = static fn (mixed $value): mixed => $value;
        $timed = static fn (array $row): array => ['at' => $at($row['atS'])] + array_diff_key($row, ['atS' => 0]);
        $finished = $progress->finished();

        return self::plain([
            'done' => array_map(
                static fn (string $key, Recorded $of): array => ['key' => $key, 'at' => $at($of->atS), 'device' => $of->device, 'cents' => $of->event instanceof Did ? $of->event->cents : null],
                $progress->doneKeys(),
                $progress->done(),
            ),
            'over' => array_map(null, array_keys($progress->over()), array_values($progress->over())),
            'rests' => $by($progress->rests(), $at),
            'schools' => $by($progress->schools(), $same),
            'wrong' => array_map($timed, $progress->wrong()),
            'chosen' => $by($progress->chosen(), $same),
            'shortened' => $by($progress->shortened(), $same),
            'turned' => $by($progress->turned(), $same),
            'before' => $progress->measured('before'),
            'after' => $progress->measured('after'),
            'drifts' => $by($progress->drifts(), static fn (mixed $drifts): array => array_map($timed, is_array($drifts) ? array_values(array_filter($drifts, is_array(...))) : [])),
            'died' => $by($progress->died(), $same),
            'notes' => array_map($timed, $progress->notes()),
            'disputes' => array_map($timed, $progress->disputes()),
            'bench' => $progress->bench(),
            'agreed' => $progress->agreed(),
            'finished' => $finished === null ? null : $timed($finished),
        ]);
    }

    /** @param  array<string, mixed>  $end */
    private static function plain(array $end): \stdClass
    {
        /** @var \stdClass $plain */
        $plain = json_decode(json_encode($end, JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR);

        return $plain;
    }
}
