<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\InvalidDocument;
use Lira\Document\JobEventReader;
use Lira\Document\Problem;
use Lira\Document\Problems;
use Lira\Job\Heard;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Events of jobs as devices send them: what dialogs send by themselves is taken, what cannot be is refused in a sentence at its place. */
final class JobEventReaderTest extends CoreTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> kind, what is sent, what is kept */
    public static function taken(): iterable
    {
        yield 'dull, with nothing said of where' => ['died', ['position' => 1, 'how' => 'dull', 'where' => ''], ['position' => 1, 'how' => 'dull', 'where' => '']];
        yield 'the same as middleware would make it' => ['died', ['position' => 1, 'how' => 'dull', 'where' => null], ['position' => 1, 'how' => 'dull', 'where' => '']];
        yield 'broke, where not said' => ['again', ['position' => 2, 'reason' => 'broke', 'where' => ''], ['position' => 2, 'reason' => 'broke', 'where' => '', 'was' => null, 'whole' => false]];
        yield 'a spare' => ['again', ['position' => 2, 'reason' => 'spare', 'where' => null], ['position' => 2, 'reason' => 'spare', 'where' => '', 'was' => null, 'whole' => false]];
        yield 'no bench' => ['bench', ['bench' => ''], ['bench' => '']];
        yield 'no owner, no day' => ['agreed', ['owner' => '', 'reason' => 'dull', 'promised_on' => null], ['owner' => '', 'reason' => 'dull', 'promised_on' => null]];
        yield 'nobody said how it felt' => ['finished', ['felt' => '', 'coated' => false], ['felt' => '', 'coated' => false]];
        yield 'nothing at all' => ['finished', [], ['felt' => '', 'coated' => false]];
        yield 'brought along' => ['chose', ['position' => 3, 'lot' => null], ['position' => 3, 'lot' => null]];
        yield 'a figure that was taken out again' => ['measured', ['when' => 'after', 'action_12_mm' => null, 'relief_mm' => 0.2, 'bridge_mm' => null], ['when' => 'after', 'action_12_mm' => null, 'relief_mm' => 0.2, 'bridge_mm' => null, 'adjusted' => false]];
        yield 'an undo that shouts' => ['undone', ['event' => '0000000A-0000-4000-8000-00000000000B'], ['event' => '0000000a-0000-4000-8000-00000000000b']];
    }

    /**
     * @param  array<string, mixed>  $sent
     * @param  array<string, mixed>  $kept
     */
    #[DataProvider('taken')]
    public function test_what_dialogs_send_is_taken(string $kind, array $sent, array $kept): void
    {
        $heard = self::read(self::event($kind, (object) $sent));
        self::assertSame($kept, $heard?->event->said());
    }

    /** @return iterable<string, array{\stdClass, string, string}> the event, where it is wrong, a part of the sentence */
    public static function refused(): iterable
    {
        yield 'no kind' => [self::event('sang', new \stdClass), '/kind', 'no such kind'];
        yield 'no id' => [self::event('finished', new \stdClass, ['id' => 'x']), '/id', 'UUID'];
        yield 'no moment' => [self::event('finished', new \stdClass, ['at' => 'noon']), '/at', 'when it happened'];
        yield 'no device' => [self::event('finished', new \stdClass, ['device' => '']), '/device', 'the device'];
        yield 'no data' => [self::event('finished', 'much'), '/data', 'in braces'];
        yield 'no string' => [self::event('again', (object) ['reason' => 'broke']), '/data/position', 'which string'];
        yield 'a string too many' => [self::event('turned', (object) ['position' => 15, 'turns' => 2]), '/data/position', '1 to 14'];
        yield 'whose string of none' => [self::event('again', (object) ['position' => 1, 'reason' => 'wrong', 'was' => 0]), '/data/was', '1 to 14'];
        yield 'no turns' => [self::event('turned', (object) ['position' => 1, 'turns' => 0]), '/data/turns', 'up to 20'];
        yield 'a note of nothing' => [self::event('noted', (object) ['text' => '']), '/data/text', 'what is noted'];
        yield 'a place that is none' => [self::event('died', (object) ['position' => 1, 'how' => 'broken', 'where' => 'middle']), '/data/where', 'ball, saddle'];
        yield 'no figure' => [self::event('measured', (object) ['when' => 'before', 'action_12_mm' => 'low']), '/data/action_12_mm', '0 to 20'];
        yield 'a day that is none' => [self::event('agreed', (object) ['reason' => 'dull', 'promised_on' => '2026-02-30']), '/data/promised_on', '2026-12-03'];
        yield 'a list with a word in it' => [self::event('drifted', (object) ['cents' => [1, 'flat']]), '/data/cents/1', 'flat negative'];
        yield 'a school that is none' => [self::event('schools', (object) ['schools' => (object) ['order' => 'by-feel']]), '/data/schools/order', 'no such school'];
        yield 'a key with a tag in it' => [self::event('did', (object) ['key' => '<b>']), '/data/key', 'by its key'];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_at_its_place(\stdClass $event, string $path, string $words): void
    {
        try {
            self::read($event);
            self::fail('It was taken');
        } catch (InvalidDocument $refused) {
            self::assertSame([$path], array_map(static fn (Problem $problem): string => $problem->path, $refused->problems));
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    private static function read(\stdClass $event): ?Heard
    {
        $problems = new Problems;
        $heard = (new JobEventReader)->read($event, '', $problems);
        $problems->throwIfAny();

        return $heard;
    }

    /** @param  array<string, mixed>  $other */
    private static function event(string $kind, mixed $data, array $other = []): \stdClass
    {
        return (object) ($other + ['id' => '00000000-0000-4000-8000-000000000001', 'device' => 'tablet-1', 'at' => '2026-03-01T10:00:00Z', 'kind' => $kind, 'data' => $data]);
    }
}
