<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Fitting;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobReason;
use App\Models\StringSet;
use Tests\Core\Document\Documents;

/** What happened stays happened: in the order of its receipt, each once, whatever the clocks say; and what cannot be is refused by name. */
final class OrderTest extends JobsTestCase
{
    public function test_what_dialogs_send_by_themselves_is_taken(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job,
            $this->event('died', ['position' => 1, 'how' => 'dull', 'where' => '']),
            $this->event('died', ['position' => 2, 'how' => 'corroded', 'where' => null]),
            $this->event('again', ['position' => 3, 'reason' => 'broke', 'where' => '']),
            $this->event('again', ['position' => 4, 'reason' => 'spare', 'where' => '']),
            $this->event('bench', ['bench' => '']),
            $this->event('agreed', ['owner' => '', 'reason' => 'dull', 'promised_on' => null]),
        )->assertOk();

        $progress = self::progress($job);
        self::assertSame([1, 2], array_keys($progress->died()));
        self::assertSame([1, 1], [$progress->spoiled(3), $progress->spoiled(4)]);
        self::assertSame(['', ''], [$progress->bench(), $progress->agreed()['owner'] ?? null]);
    }

    public function test_one_that_cannot_be_is_named_and_nothing_of_the_batch_is_kept(): void
    {
        $set = self::keptSet();
        [$job, $other] = [$this->begun($set), $this->begun($set)];
        $elsewhere = $this->event('noted', ['text' => 'Of the other.']);
        $this->record($other, $elsewhere)->assertOk();
        $bad = [
            $this->event('noted', ['text' => 'Fine.']),
            $elsewhere,
            $this->event('did', ['key' => 'fit:99']),
            $this->event('did', ['key' => 'sing']),
            $this->event('turned', ['position' => 7, 'turns' => 2]),
            $this->event('chose', ['position' => 1, 'lot' => 4711]),
            $this->event('finished'),
        ];
        $answer = $this->record($job, ...$bad)->assertStatus(422);
        self::assertSame(
            ['/events/1/id', '/events/2/data/key', '/events/3/data/key', '/events/4/data/position', '/events/5/data/lot', '/events/6'],
            array_column((array) $answer->json('errors'), 'path'),
        );
        self::assertSame(1, JobEvent::query()->count());
        $this->record($job, $bad[0])->assertOk()->assertJsonPath('took', [$bad[0]['id']]);
    }

    public function test_ids_in_capitals_are_the_same_and_can_be_undone(): void
    {
        $job = $this->begun(self::keptSet());
        $event = ['id' => '00000000-0000-4000-8000-0000000000AB'] + $this->event('did', ['key' => 'prepare']);
        $this->record($job, $event, ['id' => strtolower($event['id'])] + $event)->assertOk();
        self::assertSame(['prepare'], self::progress($job)->doneKeys());
        $this->record($job, $this->event('undone', ['event' => $event['id']]))->assertOk();
        self::assertSame([], self::progress($job)->doneKeys());
    }

    public function test_a_device_s_own_sequence_and_then_receipt_decide_never_a_clock(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, self::by('tablet-1', 2, $this->event('back', ['key' => 'prepare'], '+1 day')));
        $this->record($job, self::by('computer-1', 1, $this->event('again', ['position' => 6, 'reason' => 'broke'], '-30 minutes')));
        $this->record($job, self::by('tablet-1', 1, $this->event('did', ['key' => 'prepare'], '-1 hour')), self::by('tablet-1', 3, $this->event('did', ['key' => 'fit:6'], '-1 hour')));

        $progress = self::progress($job);
        self::assertSame(['fit:6'], $progress->doneKeys());
        $dispute = $progress->disputes()[0];
        self::assertSame(['put-on', 'tablet-1', 'computer-1'], [$dispute['said'], $dispute['by'], $dispute['against']]);
        self::assertSame(4, JobEvent::query()->count(), 'nothing is deleted from the log');
    }

    public function test_a_clock_that_is_off_is_put_right_and_that_is_said(): void
    {
        $this->travelTo('2026-03-05 12:00:00');
        $job = $this->begun(self::keptSet());
        $events = [
            $this->event('did', ['key' => 'prepare'], '-1 day -5 minutes'),
            $this->event('rests', ['key' => 'wait', 'until' => '2026-03-04T14:00:00Z'], '-1 day'),
        ];
        $this->postJson("/jobs/{$job->id}/events", ['events' => $events, 'now' => '2026-03-04T12:00:00Z'])->assertOk()->assertJsonPath('behind_s', 86_400);
        self::assertSame('2026-03-05 11:55:00', JobEvent::query()->where('kind', 'did')->sole()->happened_at->toDateTimeString());
        self::assertSame(strtotime('2026-03-05T14:00:00Z'), self::progress($job)->restsUntilS('wait'));
        // A minute is nobody's fault.
        $this->postJson("/jobs/{$job->id}/events", ['events' => [$this->event('did', ['key' => 'note-before'])], 'now' => '2026-03-05T11:59:00Z'])
            ->assertOk()->assertJsonPath('behind_s', 0);
    }

    public function test_a_beginning_that_comes_twice_is_one_job(): void
    {
        $set = self::keptSet();
        $said = ['set' => $set->id, 'present' => 'nothing', 'reason' => 'dull', 'key' => '00000000-0000-4000-8000-00000000000A'];
        $first = $this->postJson('/jobs', $said)->assertCreated()->json('id');
        for ($again = 0; $again < 3; $again++) {
            $this->postJson('/jobs', $said)->assertOk()->assertJsonPath('id', $first);
        }
        self::assertSame(1, Job::query()->count());
        self::assertLiraError($this->postJson('/jobs', ['key' => 'mine'] + $said), 422, '/key', 'UUID');
    }

    public function test_a_done_tap_answers_with_what_changed_in_four_kilobytes(): void
    {
        $job = $this->begun(self::keptSet(Documents::everything()));
        $seen = $this->getJson("/jobs/{$job->id}/news")->assertOk();
        [$last, $touched, $keys] = [$seen->json('last'), $seen->json('touched'), self::left($seen)];
        $largest = 0;
        foreach ($keys as $key) {
            $answer = $this->postJson("/jobs/{$job->id}/events", [
                'events' => [$this->event('did', ['key' => $key])], 'now' => now()->toIso8601String(), 'since' => $last, 'touched' => $touched,
            ])->assertOk();
            self::assertNull($answer->json('state'), $key);
            $largest = max($largest, strlen((string) $answer->getContent()));
            [$last, $touched] = [$answer->json('last'), $answer->json('touched')];
        }
        self::assertLessThan(4096, $largest);
        self::assertGreaterThan(20, count($keys));
        // Whoever knows it otherwise is given all of it.
        $answer = $this->postJson("/jobs/{$job->id}/events", ['events' => [$this->event('noted', ['text' => 'x'])], 'since' => 0, 'touched' => 'long ago']);
        self::assertIsArray($answer->json('state.job'));
        self::assertCount(count($keys) + 1, (array) $answer->json('events'));
    }

    public function test_what_is_on_the_instrument_is_asked_where_a_later_job_has_put_its_own_on(): void
    {
        $this->travelTo('2026-03-02 10:00:00');
        $light = self::keptSet();
        $heavy = self::keptSet(Documents::with('/name', 'Harbour, heavier'));
        $first = $this->finished($light);
        $this->travelTo('2026-03-09 10:00:00');
        $second = $this->finished($heavy);
        self::assertSame([$second->id], self::on($light->instrument_id));

        // Looked at again, the earlier one takes nothing off, whether it is finished once more or not.
        $this->record($first, $this->event('reopened', ['on' => 'those']))->assertOk();
        self::assertSame([$second->id], self::on($light->instrument_id));
        $this->record($first, $this->event('finished', ['felt' => 'Better said.']))->assertOk();
        self::assertSame([$second->id], self::on($light->instrument_id));
        self::assertSame(12, Fitting::query()->count());

        // Its strings are on again after all.
        $this->record($first, $this->event('reopened', ['on' => 'these']))->assertOk();
        self::assertSame([$first->id], self::on($light->instrument_id));
        $reasons = Fitting::query()->where('job_id', $second->id)->pluck('reason')->unique()->all();
        self::assertSame([JobReason::Other->value], $reasons);
    }

    public function test_nothing_is_off_before_it_was_on(): void
    {
        $this->travelTo('2026-03-02 10:00:00');
        $first = $this->finished(self::keptSet());
        $second = $this->begun(self::keptSet(Documents::with('/name', 'Another')));
        $this->doAll($second);
        // Its device is a minute behind, which is taken at its word.
        $this->record($second, $this->event('finished', [], '-90 seconds'))->assertOk();
        foreach (Fitting::query()->where('job_id', $first->id)->get() as $fitting) {
            self::assertTrue($fitting->removed_at?->gte($fitting->fitted_at));
        }
        self::assertSame([$second->id], self::on($first->instrument_id));
        $this->record($second, $this->event('undone', ['event' => $second->events()->where('kind', 'finished')->sole()->uuid]))->assertOk();
        self::assertSame([$first->id], self::on($first->instrument_id));
    }

    private function finished(StringSet $set): Job
    {
        $job = $this->begun($set);
        $this->doAll($job);
        $this->record($job, $this->event('finished'))->assertOk();

        return $job;
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array<string, mixed> as a device says it that knows of nothing else
     */
    private static function by(string $device, int $sequence, array $event): array
    {
        return ['device' => $device, 'sequence' => $sequence, 'seen' => 0] + $event;
    }

    /**
     * @return list<int> jobs whose strings are on
     *
     * @phpstan-impure
     */
    private static function on(int $instrument): array
    {
        return array_values(array_unique(array_map(
            static fn (mixed $id): int => is_int($id) ? $id : 0,
            Fitting::query()->where('instrument_id', $instrument)->whereNull('removed_at')->pluck('job_id')->all(),
        )));
    }
}
