<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Fitting;
use App\Models\Job;
use App\Models\Photograph;
use App\Models\StringSet;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Inertia\Testing\AssertableInertia;
use Tests\Core\Document\Documents;

/** What a job begins from, whose way it goes, and what is on the instrument once it is finished. */
final class BeginningTest extends JobsTestCase
{
    public function test_what_a_finished_job_fitted_is_on_the_instrument_now(): void
    {
        $light = self::keptSet();
        $heavy = self::keptSet(Documents::with('/strings/5/gauge_in', 0.06, Documents::with('/name', 'Harbour, heavier')));
        $this->get("/jobs/new?set={$light->id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('begin.presents.0.value', "set:{$light->id}")->where('begin.presents.1.label', 'Harbour, heavier'));
        $this->get("/instruments/{$light->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('onIt', null));

        $job = $this->begun($light);
        $this->get("/instruments/{$light->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('open.0.id', $job->id));
        $this->doAll($job);
        $this->record($job, $this->event('finished', ['felt' => 'A little loose.']))->assertOk();

        $this->get("/instruments/{$light->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('onIt.name', $light->name)->where('onIt.job', $job->id)->has('open', 0));
        $this->get("/bench/{$heavy->id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('onIt.name', $light->name)->where('onIt.felt', 'A little loose.')->has('onIt.baseline.strings', 6));
        $this->get("/jobs/new?set={$heavy->id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('begin.presents.0.value', 'last'));

        // The next one takes these off, and what they pulled is what was before.
        $next = $this->begun($heavy, ['present' => 'last']);
        $seen = $this->getJson("/jobs/{$next->id}/news");
        self::assertSame($light->name, $seen->json('state.job.before'));
        // Until it comes off, the old one is told by its own pitch.
        self::assertSame($seen->json('state.job.strings.*.pitch'), $seen->json('state.job.strings.*.before'));
        self::assertSame(array_fill(0, 6, null), $this->getJson("/jobs/{$this->begun($heavy, ['present' => 'nothing'])->id}/news")->json('state.job.strings.*.before'));
        self::assertLessThan($seen->json('state.job.after_n'), $seen->json('state.job.before_n'));
        $this->doAll($next);
        $this->record($next, $this->event('finished'))->assertOk();
        self::assertSame([6, 6], [Fitting::query()->whereNull('removed_at')->where('job_id', $next->id)->count(), Fitting::query()->whereNotNull('removed_at')->where('reason', 'dull')->count()]);

        // Not finished after all: what was on before is on again.
        $this->record($next, $this->event('reopened'))->assertOk();
        self::assertSame([6, 0], [Fitting::query()->whereNull('removed_at')->where('job_id', $job->id)->count(), Fitting::query()->where('job_id', $next->id)->count()]);
        $this->get("/instruments/{$light->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('onIt.job', $job->id));
    }

    public function test_from_an_instrument_one_of_its_sets_is_chosen(): void
    {
        $set = self::keptSet();
        $this->get("/jobs/new?instrument={$set->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('begin', null)->where('instrument.sets.0.id', $set->id));
        $this->get('/jobs/new')->assertInertia(static fn (AssertableInertia $page) => $page->where('begin', null)->where('instrument', null));
    }

    public function test_a_show_before_the_strings_have_settled_is_said_when_the_job_is_begun_and_in_it(): void
    {
        $set = self::keptSet();
        $this->travelTo('2026-06-01 12:00:00');
        $show = fn (string $on): mixed => $this->postJson('/log/shows', ['name' => 'At the quay', 'place' => '', 'on' => $on, 'at' => '20:30', 'hours' => 2, 'instruments' => [$set->instrument_id], 'zone' => 'UTC'])->assertCreated();
        $said = fn (): mixed => $this->get("/jobs/new?set={$set->id}")->assertOk()->inertiaProps('begin.preview.show.name');
        self::assertNull($said());
        $show('2026-06-03');
        self::assertNull($said());
        $show('2026-06-02');
        self::assertNull($said());
        $this->travelTo('2026-06-01 21:00:00');
        self::assertSame('At the quay', $said());
        $job = $this->begun($set);
        self::assertSame('2026-06-02T20:30:00+00:00', $this->getJson("/jobs/{$job->id}/news")->json('state.job.show.at'));
        // Another instrument is not played there, and what is over is over.
        $this->travelTo('2026-06-04 21:00:00');
        self::assertNull($said());
        self::assertNull($this->getJson("/jobs/{$job->id}/news")->json('state.job.show'));
    }

    public function test_what_a_job_is_most_likely_begun_for_is_offered(): void
    {
        $set = self::keptSet();
        $other = self::keptSet(Documents::with('/name', 'Harbour, another one'));
        $offers = fn (\Closure $assert): mixed => $this->get('/jobs/new')->assertOk()->assertInertia($assert);
        $offers(static fn (AssertableInertia $page) => $page->has('offers.due', 0)->has('offers.open', 0)->has('offers.designed', 2)->where('offers.designed.0.id', $other->id)->etc());

        $job = $this->begun($set);
        $offers(static fn (AssertableInertia $page) => $page->where('offers.open.0.id', $job->id)->has('offers.designed', 1)->where('offers.designed.0.id', $other->id)->etc());
        $this->doAll($job);
        $this->record($job, $this->event('finished'))->assertOk();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 20])->assertOk();
        $this->travel(60)->weeks();
        /** @var list<array{set: int, strings: list<int>}> $due */
        $due = $this->get('/jobs/new')->assertOk()->inertiaProps('offers.due');
        self::assertSame([$set->id], array_values(array_unique(array_column($due, 'set'))));
        self::assertEqualsCanonicalizing([1, 2, 3, 4, 5, 6], array_merge(...array_column($due, 'strings')));

        // A job begun from there is of just these strings; what is none, or all of them, is all.
        $some = fn (string $asked): mixed => $this->get("/jobs/new?set={$set->id}&strings={$asked}")->assertOk()->inertiaProps('begin.some');
        self::assertSame([4, 1], $some('4,1'));
        self::assertSame([], $some('1,2,3,4,5,6'));
        self::assertSame([], $some('99,first'));
        $this->begun($set);
        $offers(static fn (AssertableInertia $page) => $page->has('offers.due', 0)->etc());
    }

    public function test_a_bare_instrument_has_nothing_taken_off(): void
    {
        $set = self::keptSet();
        $job = $this->begun($set, ['present' => 'nothing']);
        $seen = $this->getJson("/jobs/{$job->id}/news");
        self::assertNull($seen->json('state.job.before'));
        self::assertSame([], array_filter(self::left($seen), static fn (string $key): bool => str_starts_with($key, 'off')));
        self::assertEqualsWithDelta(0.0, $seen->json('state.job.before_n'), 1e-9);
    }

    public function test_schools_are_kept_for_the_workshop_for_an_owner_and_as_the_last_time(): void
    {
        $set = self::keptSet(Documents::with('/instrument/owner', 'Mara Fenn'));
        $this->putJson('/jobs/schools', ['owner' => '', 'schools' => ['stretch' => 'play', 'order' => 'nonsense', 'colour' => 'red']])
            ->assertOk()->assertJsonPath('schools', ['stretch' => 'play']);
        $begin = fn () => $this->get("/jobs/new?set={$set->id}");
        $begin()->assertInertia(static fn (AssertableInertia $page) => $page->where('begin.way', 'workshop')->where('begin.schools', ['stretch' => 'play']));
        $this->putJson('/jobs/schools', ['owner' => 'Mara Fenn', 'schools' => ['order' => 'bass-first']])->assertOk();
        $begin()->assertInertia(static fn (AssertableInertia $page) => $page->where('begin.way', 'owner')->where('begin.schools', ['order' => 'bass-first']));

        $job = $this->begun($set, ['schools' => ['order' => 'bass-first'], 'left_handed' => true, 'way' => 'owner']);
        $this->record($job, $this->event('schools', ['schools' => ['leave' => 'posts']]));
        $begin()->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('begin.ways.last', ['leave' => 'posts', 'order' => 'bass-first'])->where('begin.left_handed', true));
        $planned = $this->postJson('/jobs/plan', ['set' => $set->id, 'present' => 'nothing', 'schools' => ['leave' => 'posts', 'order' => 'bass-first']])->assertOk();
        $chosen = array_column((array) $planned->json('schools'), 'chosen', 'aspect');
        self::assertSame(['bass-first', 'posts', 'all'], [$chosen['order'], $chosen['leave'], $chosen['off-at-once']]);
        self::assertLiraError($this->postJson('/jobs/plan', ['set' => $set->id, 'present' => 'nothing', 'schools' => ['order' => 'sideways']]), 422, '/schools/order', 'no such school');

        // Nothing chosen any more: as is usual.
        $this->putJson('/jobs/schools', ['owner' => 'Mara Fenn', 'schools' => new \stdClass])->assertOk();
        $begin()->assertInertia(static fn (AssertableInertia $page) => $page->where('begin.way', 'workshop'));
    }

    public function test_fingers_are_learned_from_the_turns_that_strings_gave(): void
    {
        $set = self::keptSet();
        $reason = function () use ($set): string {
            $planned = $this->postJson('/jobs/plan', ['set' => $set->id, 'present' => 'nothing', 'schools' => ['leave' => 'lift']])->assertOk();
            $reasons = array_column((array) $planned->json('schools'), 'reason', 'aspect');

            return is_string($reasons['leave']) ? $reasons['leave'] : '';
        };
        $job = $this->begun($set, ['schools' => ['leave' => 'lift']]);
        $turns = array_column((array) $this->getJson("/jobs/{$job->id}/news")->json('state.plan.strings'), 'turns', 'position');
        // Whatever was said, a quarter of a turn less went on: the fingers are thinner than was taken.
        $given = static fn (int $position): array => ['position' => $position, 'turns' => (is_numeric($turns[$position]) ? $turns[$position] : 0) - 0.25];
        $this->record($job, $this->event('turned', $given(4)), $this->event('turned', $given(5)));
        $this->doAll($job);
        $this->record($job, $this->event('finished'));
        self::assertStringContainsString('taken for 20 mm', $reason());

        $this->record($job, $this->event('reopened'), $this->event('turned', $given(6)), $this->event('finished'))->assertOk();
        self::assertMatchesRegularExpression('/Your fingers are 1\d mm, learned from 3 strings\./', $reason());
        $next = $this->begun($set, ['schools' => ['leave' => 'lift']]);
        $asked = Job::query()->findOrFail($next->id)->document->job;
        self::assertInstanceOf(\stdClass::class, $asked);
        self::assertLessThan(20, $asked->finger_mm);
    }

    public function test_relief_and_action_are_foretold_from_what_the_instrument_did_before(): void
    {
        $light = self::keptSet();
        $heavy = self::keptSet(Documents::with('/strings/5/gauge_in', 0.07, Documents::with('/name', 'Harbour, far heavier')));
        $job = $this->begun($heavy, ['present' => "set:{$light->id}"]);
        $seen = $this->getJson("/jobs/{$job->id}/news");
        $change = self::number($seen->json('state.job.after_n')) - self::number($seen->json('state.job.before_n'));
        self::assertGreaterThan(20.0, $change);
        // A millimetre and a half for a thousand newtons, until this instrument has told.
        self::assertEqualsWithDelta(0.0015 * $change, $seen->json('state.job.relief.estimate'), 1e-9);
        self::assertEqualsWithDelta(1.96 * 0.0015 * $change, $seen->json('state.job.action.estimate'), 0.001 * $change * 0.01);
        self::assertSame([0, 0], [$seen->json('state.job.relief.learned_from'), $seen->json('state.job.action.learned_from')]);
        $this->record(
            $job,
            $this->event('measured', ['when' => 'before', 'relief_mm' => 0.2, 'action_12_mm' => 1.8]),
            $this->event('measured', ['when' => 'after', 'relief_mm' => 0.2 + 0.004 * $change, 'action_12_mm' => 1.8 + 0.01 * $change]),
        );
        $this->doAll($job);
        $this->record($job, $this->event('finished'))->assertOk();
        // What was measured after the rod was turned tells nothing.
        $turned = $this->begun($heavy, ['present' => "set:{$light->id}"]);
        $this->record(
            $turned,
            $this->event('measured', ['when' => 'before', 'relief_mm' => 0.2, 'action_12_mm' => 1.8]),
            $this->event('measured', ['when' => 'after', 'relief_mm' => 0.1, 'action_12_mm' => 1.4, 'adjusted' => true]),
        );
        $this->doAll($turned);
        $this->record($turned, $this->event('finished'))->assertOk();
        self::assertTrue(self::progress($turned)->measured('after')['adjusted'] ?? null);

        $next = $this->getJson("/jobs/{$this->begun($heavy, ['present' => "set:{$light->id}"])->id}/news");
        self::assertSame([1, 1], [$next->json('state.job.relief.learned_from'), $next->json('state.job.action.learned_from')]);
        self::assertGreaterThan($seen->json('state.job.action.estimate'), $next->json('state.job.action.estimate'));
        self::assertGreaterThan(0.0015 * $change, $next->json('state.job.relief.estimate'));
        self::assertLessThan($seen->json('state.job.relief.high'), self::number($next->json('state.job.relief.high')) - self::number($next->json('state.job.relief.estimate')) + self::number($seen->json('state.job.relief.estimate')));
    }

    private static function number(mixed $value): float
    {
        self::assertIsNumeric($value);

        return (float) $value;
    }

    public function test_a_packet_s_code_leads_to_its_job(): void
    {
        $set = self::keptSet();
        $this->get("/packets/S{$set->id}-3/job")->assertRedirect("/jobs/new?set={$set->id}");
        $this->get("/packets/S{$set->id}-3")->assertInertia(static fn (AssertableInertia $page) => $page->component('jobs/PacketPage')
            ->where('string.position', 3)->where('string.pitch', 'Eb3')->where('set.name', $set->name)->where('of', 6)->where('job', null)->where('lots', [])->etc());
        $job = $this->begun($set);
        $this->get("/packets/s{$set->id}-3/job")->assertRedirect("/jobs/{$job->id}");
        $this->get("/packets/S{$set->id}-3")->assertInertia(static fn (AssertableInertia $page) => $page->where('job.id', $job->id)->etc());
        foreach (['S999-1', 'anything', "S{$set->id}-7", "S{$set->id}-0"] as $nothing) {
            $this->get("/packets/{$nothing}")->assertNotFound();
        }
        $this->get('/packets/S999-1/job')->assertNotFound();
        self::assertSame(["S{$set->id}-3"], $this->getJson("/jobs/{$job->id}/news")->json('state.job.strings.2.codes'));
    }

    public function test_before_and_after_are_kept(): void
    {
        $job = $this->begun(self::keptSet());
        $answer = $this->record(
            $job,
            $this->event('measured', ['when' => 'before', 'action_12_mm' => 1.9, 'relief_mm' => 0.2]),
            $this->event('measured', ['when' => 'before', 'action_12_mm' => 2.0, 'relief_mm' => 0.2]),
            $this->event('measured', ['when' => 'after', 'relief_mm' => 0.3]),
            $this->event('noted', ['text' => 'Slot 3 is worn.', 'position' => 3]),
            $this->event('bench', ['bench' => 'Door']),
        )->assertOk();
        self::assertSame([2.0, 0.2, null], array_values(array_slice(self::progress($job)->measured('before') ?? [], 0, 3)));
        self::assertSame([0.3, 'Slot 3 is worn.', 'Door'], [self::progress($job)->measured('after')['relief_mm'] ?? null, self::progress($job)->notes()[0]['text'] ?? null, $answer->json('state.job.bench')]);

        $picture = UploadedFile::fake()->image('before.jpg', 60, 40);
        $kept = $this->sendForm("/instruments/{$job->instrument_id}/photographs", ['photograph' => $picture], ['caption' => 'Before', 'job' => $job->id, 'moment' => 'before'])->assertCreated();
        self::assertSame($job->id, Photograph::query()->whereKey($kept->json('id'))->sole()->job_id);
        self::assertSame('before', $this->getJson("/jobs/{$job->id}/news")->json('state.job.photographs.0.moment'));
        self::assertLiraError(
            $this->sendForm("/instruments/{$job->instrument_id}/photographs", ['photograph' => UploadedFile::fake()->image('b.jpg')], ['job' => $job->id]), 422, '/moment', 'before or after',
        );
    }

    public function test_the_demo_has_a_job_half_done_one_settling_one_waiting_and_one_finished(): void
    {
        $this->withDemo();
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('jobs', static fn (Collection $jobs): bool => $jobs->where('status', 'open')->count() === 3)
            ->where('jobs.0.instrument', 'Smack')->where('jobs.0.blocked', true)->where('jobs.0.missing', [7])
            ->where('jobs.1.instrument', 'Avocet')->where('jobs.1.next', 'let it settle')->whereNot('jobs.1.until', null)
            ->where('jobs.2.instrument', 'Curlew')->where('jobs.2.status', 'open')->where('jobs.2.done', 8)
            ->where('jobs.3.status', 'finished')
            ->where('jobs', static fn (Collection $jobs): bool => $jobs->where('instrument', 'Sandpiper')->where('status', 'finished')->isNotEmpty()));
        // Three years are behind it: every instrument has its strings on.
        self::assertSame(StringSet::query()->pluck('instrument_id')->unique()->count(), Fitting::query()->whereNull('removed_at')->distinct()->count('instrument_id'));
    }
}
