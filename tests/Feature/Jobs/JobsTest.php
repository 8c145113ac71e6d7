<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Fitting;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobStatus;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Lira\Document\SetDocument;
use Lira\Settling\Settling;
use Smalot\PdfParser\Parser;
use Tests\Core\Document\Documents;

/** A job from its beginning to its end: every step kept as it is done, whoever does it and however often it is sent. */
final class JobsTest extends JobsTestCase
{
    public function test_a_job_is_begun_gone_on_with_and_finished(): void
    {
        $set = self::keptSet();
        $job = $this->begun($set, ['owner' => 'Mara Fenn', 'bench' => 'Window', 'promised_on' => '2030-01-05', 'reason' => 'show']);

        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->component('jobs/JobsPage')
            ->where('jobs.0.next', 'prepare')->where('jobs.0.owner', 'Mara Fenn')->where('jobs.0.promised', '2030-01-05')->where('jobs.0.done', 0));
        $this->get("/jobs/{$job->id}")->assertInertia(static fn (AssertableInertia $page) => $page->component('jobs/JobPage')
            ->where('state.job.reason', 'show')->where('state.order.0.0', 'prepare')->has('state.plan.strings', 6)->has('fit.strings', 6));

        $answer = $this->record($job, $this->event('did', ['key' => 'prepare']), $this->event('did', ['key' => 'note-before']))->assertOk();
        self::assertSame('off:6', self::left($answer)[0]);
        self::assertSame(['prepare', 'note-before'], self::progress($job)->doneKeys());

        self::assertLiraError($this->record($job, $this->event('finished')), 422, '/events/0', 'are not on yet');
        $this->doAll($job);
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('jobs.0.next', 'note how it felt, and finish it')->where('jobs.0.status', 'open'));
        $answer = $this->record($job, $this->event('finished', ['felt' => 'Firm, even.']))->assertOk();
        self::assertSame(['finished', 'Firm, even.'], [$answer->json('state.job.status'), self::progress($job)->finished()['felt'] ?? null]);
        self::assertSame(6, Fitting::query()->where('job_id', $job->id)->whereNull('removed_at')->count());
    }

    public function test_what_is_sent_twice_counts_once_and_what_is_undone_is_to_do_again(): void
    {
        $job = $this->begun(self::keptSet());
        $events = [$this->event('did', ['key' => 'prepare']), $this->event('did', ['key' => 'note-before']), $this->event('did', ['key' => 'off:6'])];
        $this->record($job, ...$events)->assertOk();
        $answer = $this->record($job, ...$events)->assertOk();
        self::assertSame(3, JobEvent::query()->count());
        self::assertCount(3, self::progress($job)->done());

        $back = $this->event('back', ['key' => 'off:6']);
        $answer = $this->record($job, $back)->assertOk();
        self::assertSame('off:6', self::left($answer)[0]);
        // The same step a second time is done again; the old message, late, changes nothing.
        $this->record($job, $this->event('did', ['key' => 'off:6']));
        $answer = $this->record($job, $back, ...$events)->assertOk();
        self::assertSame('off:1', self::left($answer)[0]);
    }

    public function test_another_device_sees_what_was_done_and_loses_nothing(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, $this->event('did', ['key' => 'prepare']));
        $seen = $this->getJson("/jobs/{$job->id}/news")->assertOk();
        $since = http_build_query(['since' => $seen->json('last'), 'touched' => $seen->json('touched')]);
        $this->travelTo('2026-11-27 09:31:00');
        $this->getJson("/jobs/{$job->id}/news?{$since}")->assertExactJson(['same' => true, 'now' => now()->toIso8601String()]);
        $this->travelBack();

        // One does two steps, the other, who knows of none of them, the first of these and a third.
        $this->record($job, $this->event('did', ['key' => 'note-before']), $this->event('did', ['key' => 'off:6']));
        $this->record($job, $this->event('did', ['key' => 'note-before']), $this->event('did', ['key' => 'off:1']));
        $news = $this->getJson("/jobs/{$job->id}/news?{$since}")->assertOk();
        self::assertSame(['prepare', 'note-before', 'off:6', 'off:1'], self::progress($job)->doneKeys());
    }

    public function test_a_school_that_changes_on_the_way_plans_what_is_left(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, ...array_map(fn (string $key): array => $this->event('did', ['key' => $key]), ['prepare', 'note-before', 'off:6', 'off:1', 'care', 'fit:6', 'fit:1', 'tune-string:6', 'tune-string:1']));
        $answer = $this->record($job, $this->event('schools', ['schools' => ['off-at-once' => 'one', 'order' => 'treble-first']]))->assertOk();

        self::assertSame(['off:2', 'fit:2', 'tune-string:2', 'off:3'], array_slice(self::left($answer), 0, 4));
        self::assertSame('Asked for.', $answer->json('state.job.schools.0.reason'));
        self::assertLiraError($this->record($job, $this->event('schools', ['schools' => ['order' => 'by-feel']])), 422, '/events/0/data/schools/order', 'no such school');
    }

    public function test_a_string_that_breaks_comes_off_again_and_the_rounds_begin_anew(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, ...array_map(fn (string $key): array => $this->event('did', ['key' => $key]), array_diff(
            self::left($this->getJson("/jobs/{$job->id}/news")),
            ['wait', 'witness', 'intonate', 'note-after'],
        )));
        $answer = $this->record($job, $this->event('again', ['position' => 2, 'reason' => 'broke', 'where' => 'saddle']))->assertOk();

        self::assertSame(['again:2:1', 'fit:2', 'tune-string:2', 'tune-again', 'stretch', 'wait', 'witness', 'intonate', 'note-after'], self::left($answer));
        self::assertSame([2, 'broke', 'saddle'], array_values(array_slice(self::progress($job)->wrong()[0], 0, 3)));
        // What is off does not pull.
        $pulls = array_map(static fn (mixed $pull): float => is_numeric($pull) ? (float) $pull : -1.0, array_column((array) $answer->json('state.order'), 1, 0));
        self::assertLessThan($pulls['tune-string:2'] - 50, $pulls['again:2:1']);
        self::assertLiraError($this->record($job, $this->event('again', ['position' => 15, 'reason' => 'broke'])), 422, '/events/0/data/position', 'which string');
    }

    public function test_cut_short_it_is_told_whether_it_holds(): void
    {
        $job = $this->begun(self::keptSet());
        $ask = fn (int $left) => $this->postJson("/jobs/{$job->id}/cut-short", ['position' => 6, 'left_mm' => $left]);

        $enough = $ask(40)->assertOk();
        self::assertTrue($enough->json('holds'));
        $enough->assertJsonPath('message', static fn (string $message): bool => str_contains($message, 'enough. Go on.'));
        $short = $ask(12)->assertOk();
        self::assertFalse($short->json('holds'));
        $short->assertJsonPath('message', static fn (string $message): bool => str_contains($message, 'Never splice a string'));
        self::assertLiraError($ask(0), 422, '/left_mm', 'more than 0');

        $answer = $this->record($job, $this->event('shortened', ['position' => 6, 'left_mm' => 40, 'turns' => $enough->json('turns')]))->assertOk();
        self::assertEqualsWithDelta($enough->json('turns'), self::progress($job)->shortened()[6]['turns'] ?? null, 1e-9);
    }

    public function test_a_job_that_is_dropped_can_be_brought_back(): void
    {
        $job = $this->begun(self::keptSet());
        $this->deleteJson("/jobs/{$job->id}")->assertOk();
        $this->getJson("/jobs/{$job->id}/news")->assertNotFound();
        self::assertLiraError($this->record($job, $this->event('did', ['key' => 'prepare'])), 404, '', 'nothing here');
        $this->postJson("/jobs/{$job->id}/unarchive")->assertOk();
        $this->getJson("/jobs/{$job->id}/news")->assertOk();
        self::assertSame(1, Job::query()->count());
    }

    public function test_what_is_asked_for_wrongly_is_refused(): void
    {
        $set = self::keptSet();
        $job = $this->begun($set);
        self::assertLiraError($this->postJson('/jobs', ['set' => 99, 'present' => 'nothing', 'reason' => 'dull']), 422, '/set', 'Choose the set');
        self::assertLiraError($this->postJson('/jobs', ['set' => $set->id, 'present' => 'nothing', 'reason' => 'bored']), 422, '/reason', 'why');
        self::assertLiraError(
            $this->postJson('/jobs', ['set' => $set->id, 'present' => 'nothing', 'reason' => 'dull', 'promised_on' => 'soon']), 422, '/promised_on', '2026-12-03',
        );
        self::assertLiraError($this->record($job, ['id' => 'x'] + $this->event('did', ['key' => 'prepare'])), 422, '/events/0/id', 'UUID');
        self::assertLiraError($this->record($job, ['kind' => 'sang'] + $this->event('did')), 422, '/events/0/kind', 'no such kind');
        self::assertLiraError($this->record($job, $this->event('did', ['key' => '<script>'])), 422, '/events/0/data/key', 'by its key');
        self::assertLiraError($this->record($job, $this->event('measured', ['when' => 'before', 'action_12_mm' => 90])), 422, '/events/0/data/action_12_mm', '0 to 20');
        self::assertSame(0, JobEvent::query()->count());
    }

    public function test_rounds_of_drift_tell_when_it_holds(): void
    {
        $job = $this->begun(self::keptSet());
        $answer = $this->record($job, $this->event('drifted', ['cents' => [-20, -18, -40, -30, -25, null]]))->assertOk();
        self::assertSame([[-20], 3, null], [$answer->json('state.job.settling.0.drifts'), $answer->json('state.job.settling.0.rounds_left'), $answer->json('state.job.settling.0.holds_after_s')]);
        self::assertNull($answer->json('state.job.settling.5.rounds_left'));
        $answer = $this->record($job, $this->event('drifted', ['cents' => [-2, -1, -2, -3, -2, -2]]))->assertOk();
        // Seated, steel on any core holds after twenty minutes.
        self::assertSame([0, 1200], [$answer->json('state.job.settling.0.rounds_left'), $answer->json('state.job.settling.0.holds_after_s')]);
        // A new string begins anew.
        $answer = $this->record($job, $this->event('did', ['key' => 'fit:1']), $this->event('again', ['position' => 1, 'reason' => 'broke']))->assertOk();
        self::assertSame([], $answer->json('state.job.settling.0.drifts'));
        self::assertLiraError($this->record($job, $this->event('drifted', ['cents' => ['flat']])), 422, '/events/0/data/cents/0', 'flat negative');
    }

    public function test_what_it_drifts_by_left_alone_tells_of_its_creep_and_counts_as_no_round(): void
    {
        $this->travelTo('2026-11-03 10:00:00');
        $job = $this->begun(self::keptSet());
        $this->record($job, $this->event('did', ['key' => 'tune-all'], '-65 minutes'), $this->event('drifted', ['cents' => [-2, -2, -2, -2, -2, -2]], '-60 minutes'))->assertOk();
        $settled = $this->record($job, $this->event('drifted', ['cents' => [null, null, null, null, null, -40], 'rested' => true]))->assertOk();

        self::assertSame([[-2], [-40], 0], [$settled->json('state.job.settling.5.drifts'), $settled->json('state.job.settling.5.rested'), $settled->json('state.job.settling.5.rounds_left')]);
        self::assertSame([[-2], []], [$settled->json('state.job.settling.0.drifts'), $settled->json('state.job.settling.0.rested')]);
        // By the formula: tuned 300 s after it was brought to pitch, read 3900 s after.
        $string = SetDocument::from(Documents::harbour())->evaluation()->strings[5];
        $expected = Settling::of($string->string, $string->tunings[0]->tensionN, [-2.0], [['tunedS' => 300.0, 'readS' => 3900.0, 'cents' => -40.0]]);
        self::assertGreaterThan(1200.0, $expected->holdsAfterS);
        self::assertEqualsWithDelta((float) $expected->holdsAfterS, $settled->json('state.job.settling.5.holds_after_s'), 1e-6);
        self::assertSame(
            Carbon::parse('2026-11-03 10:00:00')->addSeconds((int) ceil((float) $expected->holdsAfterS))->toIso8601String(),
            $settled->json('state.job.settling.5.holds_at'),
        );
        $this->get("/sets/{$job->set_id}/intonate")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('job.id', $job->id)->where('job.holds_at', $settled->json('state.job.settling.5.holds_at')));
        self::assertLiraError($this->record($job, $this->event('drifted', ['cents' => [], 'rested' => 'long'])), 422, '/events/0/data/rested', 'left alone');

        $this->get("/sets/{$job->set_id}/tune?job={$job->id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('job', ['id' => $job->id, 'round' => 2, 'tuned' => true, 'seated' => true])
            // By the school of the job; the set itself has none.
            ->where('order', 'outside-in')->has('orders', 4)->where('orders.0.positions', [6, 1, 5, 2, 4, 3]));
        $this->get("/sets/{$job->set_id}/tune")->assertInertia(static fn (AssertableInertia $page) => $page->where('job', null)->where('order', 'bass-first'));
    }

    public function test_a_slip_is_taken_back_as_if_it_had_never_been(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, ...array_map(fn (string $key): array => $this->event('did', ['key' => $key]), ['prepare', 'note-before', 'off:6', 'off:1', 'care', 'fit:6']));
        $broke = $this->event('again', ['position' => 6, 'reason' => 'broke']);
        self::assertSame('again:6:1', self::left($this->record($job, $broke)->assertOk())[0]);
        $answer = $this->record($job, $this->event('undone', ['event' => $broke['id']]))->assertOk();
        self::assertSame('tune-string:6', self::left($answer)[0]);
        self::assertSame([], self::progress($job)->wrong());

        $schools = $this->event('schools', ['schools' => ['off-at-once' => 'one']]);
        self::assertSame('one', $this->record($job, $schools)->json('state.job.schools.0.chosen'));
        self::assertSame('pairs', $this->record($job, $this->event('undone', ['event' => $schools['id']]))->json('state.job.schools.0.chosen'));
        // What undoes may arrive before what it undoes.
        $late = $this->event('noted', ['text' => 'Never mind.']);
        $this->record($job, $this->event('undone', ['event' => $late['id']]), $late)->assertOk();
        self::assertSame([], self::progress($job)->notes());
    }

    public function test_the_wrong_string_comes_off_and_the_right_one_goes_on(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, ...array_map(fn (string $key): array => $this->event('did', ['key' => $key]), ['prepare', 'note-before', 'off:6', 'off:1', 'care', 'fit:6']));
        $answer = $this->record($job, $this->event('again', ['position' => 6, 'reason' => 'wrong', 'whole' => true, 'was' => 5]))->assertOk();
        self::assertSame(['whole:6:1', 'fit:6'], array_slice(self::left($answer), 0, 2));
        self::assertSame([0, 0], [self::progress($job)->spoiled(5), self::progress($job)->spoiled(6)]);
        $steps = array_map(static fn (mixed $step): mixed => is_array($step) ? $step['do'] : null, (array) $answer->json('state.steps'));
        self::assertSame('Slacken string 6, take it off whole; back into its own packet; then the right one goes on.', $steps['whole:6:1']);

        // Cut already it is used up, and it was the fifth's.
        $this->record($job, $this->event('did', ['key' => 'whole:6:1']), $this->event('did', ['key' => 'fit:6']));
        $answer = $this->record($job, $this->event('again', ['position' => 6, 'reason' => 'wrong', 'whole' => false, 'was' => 5]))->assertOk();
        self::assertSame('again:6:2', self::left($answer)[0]);
        self::assertSame([1, 0], [self::progress($job)->spoiled(5), self::progress($job)->spoiled(6)]);
    }

    public function test_what_was_agreed_can_be_agreed_otherwise_and_the_plan_of_the_job_is_printed(): void
    {
        $job = $this->begun(self::keptSet(), ['owner' => 'Mara Fenn', 'promised_on' => '2030-01-05']);
        $this->record($job, $this->event('agreed', ['owner' => 'Ines Hallam', 'reason' => 'conversion', 'promised_on' => null]))->assertOk()
            ->assertJsonPath('state.job.owner', 'Ines Hallam')->assertJsonPath('state.job.reason', 'conversion')->assertJsonPath('state.job.promised', null);
        self::assertLiraError($this->record($job, $this->event('agreed', ['owner' => '', 'reason' => 'dull', 'promised_on' => 'soon'])), 422, '/events/0/data/promised_on', '2026-12-03');

        $this->record($job, $this->event('schools', ['schools' => ['off-at-once' => 'all']]));
        $text = (new Parser)->parseContent((string) $this->get("/jobs/{$job->id}/sheet")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->getText();
        self::assertStringContainsString('Slacken all evenly', (string) preg_replace('/\s+/', ' ', $text));
    }

    public function test_a_list_that_is_open_is_told_that_something_happened(): void
    {
        $asOf = fn (): string => (string) json_encode($this->getJson('/jobs/changed')->assertOk()->json('as_of'));
        $seen = [$asOf()];
        $job = $this->begun(self::keptSet());
        $seen[] = $asOf();
        // Twice within a second.
        $this->record($job, $this->event('did', ['key' => 'prepare']));
        $seen[] = $asOf();
        $this->record($job, $this->event('noted', ['text' => 'Slot 3 is worn.']));
        $seen[] = $asOf();
        $this->deleteJson("/jobs/{$job->id}")->assertOk();
        $seen[] = $asOf();
        self::assertSame(array_unique($seen), $seen);
        self::assertSame($asOf(), $asOf());
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('as_of', json_decode($seen[4]))->etc());
    }

    public function test_what_happens_while_the_list_is_read_is_told_to_it_afterwards(): void
    {
        $job = $this->begun(self::keptSet());
        $happened = false;
        DB::listen(function (QueryExecuted $query) use ($job, &$happened): void {
            if (! $happened && str_starts_with($query->sql, 'select * from "jobs"')) {
                $happened = true;
                $this->record($job, $this->event('did', ['key' => 'prepare']))->assertOk();
            }
        });
        $this->get('/jobs')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('as_of', fn (string $asOf): bool => $asOf !== $this->getJson('/jobs/changed')->json('as_of'))->etc());
        self::assertTrue($happened);
    }

    public function test_finished_jobs_come_page_by_page_and_are_found_by_any_of_their_words(): void
    {
        $job = $this->begun(self::keptSet(), ['owner' => 'Mara Fenn', 'reason' => 'corroded', 'bench' => 'Window']);
        foreach (range(1, 45) as $number) {
            $other = $job->replicate()->fill(['status' => JobStatus::Finished, 'finished_at' => now()->subDays($number), 'owner' => $number === 7 ? 'Ines 100%' : 'Mara Fenn', 'name' => "Set {$number}"]);
            $other->save();
        }
        $names = fn (string $query): array => [$this->getJson("/jobs/finished?{$query}")->assertOk()->json('count'), array_column((array) $this->getJson("/jobs/finished?{$query}")->json('rows'), 'name')];
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('finished', 45)->has('jobs', 21)->etc());
        self::assertSame([45, 'Set 1', 20], [$names('')[0], $names('')[1][0], count($names('')[1])]);
        self::assertSame([45, 'Set 41', 5], [$names('page=3')[0], $names('page=3')[1][0], count($names('page=3')[1])]);
        // One beyond the last is the last.
        $this->getJson('/jobs/finished?page=9')->assertOk()->assertJsonPath('page', 3)->assertJsonPath('pages', 3);
        self::assertSame([1, ['Set 7']], $names('for=ines'));
        self::assertSame([1, ['Set 7']], $names('for='.rawurlencode('100% window')));
        self::assertSame([1, ['Set 12']], $names('for='.rawurlencode('set 12 corroded')));
        self::assertSame([45, 0], [$names('for=harbour')[0], $names('for=dull')[0]]);
        self::assertSame([0, []], $names('for='.rawurlencode('_')));
    }
}
