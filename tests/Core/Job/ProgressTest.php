<?php

declare(strict_types=1);

namespace Tests\Core\Job;

use Lira\Job\Event\Events;
use Lira\Job\Event\Rests;
use Lira\Job\Progress;
use Lira\Job\Stock;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What events come to. The browser folds the same logs to the same end. */
final class ProgressTest extends CoreTestCase
{
    /** @return iterable<string, array{rounds: list<string>, events: list<\stdClass>, end: \stdClass}> */
    public static function logs(): iterable
    {
        yield from EventLogs::all();
    }

    /**
     * @param  list<string>  $rounds
     * @param  list<\stdClass>  $events
     */
    #[DataProvider('logs')]
    public function test_a_log_comes_to_its_end(array $rounds, array $events, \stdClass $end): void
    {
        self::assertEquals($end, EventLogs::end(Progress::of(EventLogs::log($events), $rounds)));
        // In whichever order they are handed over, each as often as it likes.
        self::assertEquals($end, EventLogs::end(Progress::of(EventLogs::log([...array_reverse($events), ...$events]), $rounds)));
        // Nothing is taken out of it.
        $ids = array_map(static fn (\stdClass $event): string => is_string($event->id) ? $event->id : '', $events);
        self::assertCount(count(array_unique($ids)), EventLogs::log($events)->events);
    }

    public function test_what_is_kept_of_an_event_says_all_of_it(): void
    {
        $kinds = [];
        foreach (EventLogs::all() as ['events' => $events]) {
            foreach ($events as $event) {
                $read = EventLogs::recorded($event);
                $event->data = json_decode((string) json_encode((object) $read->event->said()));
                self::assertEquals($read->event, EventLogs::recorded($event)->event);
                $kinds[$read->event::kind()] = true;
            }
        }
        self::assertEqualsCanonicalizing(array_keys(Events::kinds()), array_keys($kinds));
    }

    public function test_the_later_received_decides_whatever_the_clocks_say(): void
    {
        $put = EventLogs::all()['broke there, put on here: the later received counts, and both are told'];
        foreach ([0, -86_400, 86_400] as $off) {
            $events = array_map(static function (\stdClass $event) use ($off): \stdClass {
                $moved = clone $event;
                $moved->at = gmdate('Y-m-d\TH:i:s\Z', (int) strtotime(is_string($event->at) ? $event->at : '') + ($event->device === 'tablet-1' ? $off : 0));

                return $moved;
            }, $put['events']);
            $progress = Progress::of(EventLogs::log($events), $put['rounds']);
            self::assertTrue($progress->isFitted(3));
            self::assertSame(1, $progress->spoiled(3));
            self::assertCount(1, $progress->disputes());
        }
    }

    public function test_the_first_string_that_is_brought_to_pitch_begins_the_settling(): void
    {
        $progress = static fn (\stdClass ...$events): Progress => Progress::of(EventLogs::log(array_values($events)), []);

        self::assertNull($progress(self::did(1, 'fit:6', '2026-03-01T10:00:00Z'))->broughtS());
        self::assertSame(
            strtotime('2026-03-01T10:05:00Z'),
            $progress(
                self::did(1, 'fit:6', '2026-03-01T10:00:00Z'), self::did(2, 'tune-string:6', '2026-03-01T10:20:00Z'), self::did(3, 'tune-string:5', '2026-03-01T10:05:00Z'),
            )->broughtS(),
        );
        self::assertSame(strtotime('2026-03-01T11:00:00Z'), $progress(self::did(1, 'tune-all', '2026-03-01T11:00:00Z'))->broughtS());
    }

    public function test_a_string_that_is_on_is_used_up_and_its_spares_stay_until_the_job_is_over(): void
    {
        $progress = Progress::of(EventLogs::log([self::did(1, 'fit:6', '2026-03-01T10:00:00Z')]), []);
        $said = static fn (int $position, int $spares, bool $over): array => array_values((array) Stock::of($progress, $position, $spares, $over));

        self::assertSame([1, false, 2, null], $said(6, 2, false));
        self::assertSame([0, true, 2, null], $said(5, 2, false));
        self::assertSame([1, false, 0, null], $said(6, 2, true));
        self::assertSame([0, false, 0, null], $said(5, 2, true));
    }

    public function test_a_rest_that_a_slow_clock_told_lasts_until_it_says_so_by_the_right_one(): void
    {
        self::assertSame(1060, (new Rests('fit:1', 1000))->corrected(60)->untilS);
    }

    private static function did(int $order, string $key, string $at): \stdClass
    {
        return (object) [
            'id' => sprintf('00000000-0000-4000-8000-%012d', $order), 'kind' => 'did', 'order' => $order, 'device' => 'tablet', 'sequence' => $order,
            'seen' => 0, 'at' => $at, 'by' => null, 'data' => (object) ['key' => $key],
        ];
    }
}
