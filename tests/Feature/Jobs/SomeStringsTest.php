<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Fitting;
use App\Models\Job;
use App\Models\Reservation;
use App\Models\StringSet;
use Lira\Document\Json;

/** One string that broke, the two that went dull: a job is of those alone, and what else is on stays. */
final class SomeStringsTest extends JobsTestCase
{
    public function test_one_string_alone_is_changed_and_the_others_go_on_living(): void
    {
        $set = self::keptSet();
        $first = $this->begun($set);
        $this->doAll($first);
        $this->record($first, $this->event('finished'))->assertOk();
        self::assertSame(6, Fitting::query()->whereNull('removed_at')->count());

        $job = $this->begun($set, ['present' => 'last', 'reason' => 'broken', 'strings' => [4]]);
        $news = $this->getJson("/jobs/{$job->id}/news")->assertOk();
        self::assertSame([4], $news->json('state.job.strings.*.position'));
        $keys = self::left($news);
        self::assertSame(['off:4', 'fit:4', 'tune-string:4'], array_values(array_filter($keys, static fn (string $key): bool => preg_match('/^(off|fit|tune-string):/', $key) === 1)));
        // Whole but for one string, it pulls as much before as after.
        self::assertEqualsWithDelta($news->json('state.job.before_n'), $news->json('state.job.after_n'), 1e-6);

        self::assertLiraError($this->record($job, $this->event('finished')), 422, '/events/0', 'String 4 is not on yet');
        $this->travel(2)->hours();
        $this->doAll($job);
        $this->record($job, $this->event('finished'))->assertOk();

        $on = Fitting::query()->whereNull('removed_at')->orderBy('position')->get();
        self::assertSame([1, 2, 3, 4, 5, 6], $on->map(static fn (Fitting $fitting): int => $fitting->position)->all());
        self::assertSame([4], $on->where('job_id', $job->id)->map(static fn (Fitting $fitting): int => $fitting->position)->values()->all());
        $off = Fitting::query()->whereNotNull('removed_at')->sole();
        self::assertSame([4, 'broken'], [$off->position, $off->reason]);
    }

    public function test_the_printed_plan_takes_off_what_is_on_it_now(): void
    {
        $set = self::keptSet();
        $words = fn (): string => (string) preg_replace('/\s+/u', ' ', (new \Smalot\PdfParser\Parser)->parseContent((string) $this->get("/sets/{$set->id}/plan")->assertOk()->getContent())->getText());
        self::assertStringContainsString('with nothing on it', $words());
        $job = $this->begun($set);
        $this->doAll($job);
        $this->record($job, $this->event('finished'))->assertOk();

        // It is measured from another instrument's strings; what comes off are its own.
        self::assertStringContainsString('where Harbour, down to C is now', $words());
        self::assertStringContainsString('String 6: slacken it until it flops', $words());
    }

    public function test_only_what_is_changed_is_kept_in_the_drawer_and_missed(): void
    {
        $set = self::keptSet();
        self::stocked($set, 1);
        $job = $this->begun($set, ['from_drawer' => true, 'strings' => [5, 1]]);

        self::assertSame([1, 5], Reservation::query()->where('job_id', $job->id)->orderBy('position')->pluck('position')->all());
        self::assertSame([], $this->getJson("/jobs/{$job->id}/news")->json('state.job.missing'));
    }

    public function test_what_stays_is_what_was_on_it_whatever_the_set_has_there(): void
    {
        $set = self::keptSet();
        $other = self::otherSet($set);
        $job = $this->begun($set, ['present' => "set:{$other->id}", 'strings' => [1]]);

        $gauges = data_get($job->document, 'strings.*.gauge_in');
        self::assertEquals(data_get($set->document, 'strings.0.gauge_in'), is_array($gauges) ? $gauges[0] : null);
        self::assertEquals(data_get($other->document, 'strings.5.gauge_in'), is_array($gauges) ? $gauges[5] : null);
    }

    public function test_a_preview_is_of_those_alone_and_what_is_no_string_is_refused(): void
    {
        $set = self::keptSet();
        $asked = ['set' => $set->id, 'present' => "set:{$set->id}", 'schools' => new \stdClass];
        $whole = $this->postJson('/jobs/plan', $asked)->assertOk();
        $some = $this->postJson('/jobs/plan', $asked + ['strings' => [2, 3]])->assertOk();

        self::assertSame([2, 3], $some->json('strings.*.position'));
        self::assertLessThan($whole->json('steps'), $some->json('steps'));
        $this->postJson('/jobs/plan', $asked + ['strings' => [9]])->assertStatus(422);
        $this->postJson('/jobs/plan', $asked + ['strings' => [2, 2]])->assertStatus(422);
        self::assertSame(0, Job::query()->count());
    }

    /** A school that is changed on the way changes nothing about which strings it is. */
    public function test_it_stays_of_those_strings_when_its_schools_change(): void
    {
        $job = $this->begun(self::keptSet(), ['strings' => [6]]);
        $answer = $this->record($job, $this->event('schools', ['schools' => ['stretch' => 'play']]))->assertOk();

        self::assertSame(['off:6'], array_values(array_filter(self::left($answer), static fn (string $key): bool => str_starts_with($key, 'off:'))));
    }

    private static function otherSet(StringSet $set): StringSet
    {
        $document = Json::object(Json::text(app(\App\Bench\StoredSets::class)->json($set)));
        foreach (is_array($document->strings) ? $document->strings : [] as $string) {
            if ($string instanceof \stdClass && is_numeric($string->gauge_in ?? null)) {
                $string->gauge_in = round((float) $string->gauge_in + 0.002, 4);
            }
        }
        $document->name = 'Other';

        return app(\App\Bench\StoredSets::class)->add(\Lira\Document\SetDocument::from($document));
    }
}
