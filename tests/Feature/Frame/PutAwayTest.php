<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Demo\Demo;
use App\Models\Job;
use Inertia\Testing\AssertableInertia;
use Tests\Feature\FeatureTestCase;

/** What was put away says so at its own address, and is found in its list. */
final class PutAwayTest extends FeatureTestCase
{
    public function test_a_set(): void
    {
        $set = self::keptSet();
        $this->deleteJson("/sets/{$set->id}")->assertOk();

        $this->get("/bench/{$set->id}")->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('frame/PutAwayPage')->where('name', $set->name)->where('unarchive', "/sets/{$set->id}/unarchive"));
        $this->get('/sets')->assertInertia(static fn (AssertableInertia $page) => $page->where('sets', [])->where('putAway', 1));
        $this->get('/sets?away=1')->assertInertia(static fn (AssertableInertia $page) => $page->where('sets.0.id', $set->id)->where('away', true));
        // It is not what the Bench opens with.
        $this->get('/bench')->assertRedirect(route('start.create'));
        $this->postJson("/sets/{$set->id}/unarchive")->assertOk();
        $this->get("/bench/{$set->id}")->assertInertia(static fn (AssertableInertia $page) => $page->component('bench/BenchPage'));
    }

    public function test_an_instrument_which_its_sets_still_link_to(): void
    {
        $set = self::keptSet();
        $this->deleteJson("/instruments/{$set->instrument_id}")->assertOk();

        $this->get("/bench/{$set->id}")->assertOk();
        $this->get("/instruments/{$set->instrument_id}")->assertOk()->assertInertia(
            static fn (AssertableInertia $page) => $page->component('frame/PutAwayPage')->where('what', 'instrument'),
        );
    }

    public function test_a_job(): void
    {
        app(Demo::class)->putIn();
        $job = Job::query()->latest('id')->firstOrFail();
        $this->deleteJson("/jobs/{$job->id}")->assertSuccessful();

        $this->get("/jobs/{$job->id}")->assertOk()->assertInertia(
            static fn (AssertableInertia $page) => $page->component('frame/PutAwayPage')->where('unarchive', "/jobs/{$job->id}/unarchive"),
        );
    }

    public function test_several_ticked_sets_are_ordered_for_together(): void
    {
        $first = self::keptSet();
        $second = self::keptSet();

        $this->get("/strings/orders?set={$first->id},{$second->id}")->assertOk()->assertInertia(
            static fn (AssertableInertia $page) => $page->has('begin', 2),
        );
        $this->get("/strings/orders?set={$first->id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('begin.0.id', $first->id)->has('begin', 1));
        $this->get('/strings/orders?set=nothing')->assertInertia(static fn (AssertableInertia $page) => $page->where('begin', []));
    }
}
