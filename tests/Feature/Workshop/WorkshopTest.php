<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Models\Instrument;
use App\Models\Job;
use App\Models\OwnCareRule;
use App\Models\SchoolChoice;
use App\Models\WorkshopSettings;
use Inertia\Testing\AssertableInertia;
use Smalot\PdfParser\Parser;
use Tests\Core\Document\Documents;
use Tests\Feature\Jobs\JobsTestCase;

/** How a workshop works: what it is called, what is usual, its ways, its owners. */
final class WorkshopTest extends JobsTestCase
{
    public function test_its_name_and_address_stand_on_papers_once_they_are_said(): void
    {
        $set = self::keptSet();
        self::assertStringNotContainsString('Slip Lane', $this->text("/sets/{$set->id}/sheet"));
        $this->putJson('/workshop', self::said(['name' => ' Saltmarsh Strings ', 'address' => "2 Slip Lane\n\nEstuary Quay"]))->assertOk()->assertJsonPath('revision', 2);
        foreach (["/sets/{$set->id}/sheet", "/sets/{$set->id}/plan", "/sets/{$set->id}/fit", '/log/week'] as $address) {
            self::assertStringContainsString('Saltmarsh Strings 2 Slip Lane Estuary Quay', $this->text($address), $address);
        }
        $job = $this->begun($set);
        self::assertStringContainsString('Saltmarsh Strings', $this->text("/jobs/{$job->id}/slip"));
    }

    public function test_what_is_no_setting_is_refused_in_words_and_nothing_is_kept(): void
    {
        foreach ([
            [['currency' => 'euro'], '/currency', 'three capital letters'],
            [['lead_days' => 400], '/lead_days', '0 to 365'],
            [['finger_mm' => 3], '/finger_mm', '8 to 35 mm'],
            [['name' => ['a']], '/name', '120 characters'],
            [['address' => str_repeat('a', 401)], '/address', '400 characters'],
            [['revision' => 'last'], '/revision', 'revision'],
        ] as [$wrong, $path, $words]) {
            self::assertLiraError($this->putJson('/workshop', self::said($wrong)), 422, $path, $words);
        }
        self::assertLiraError($this->putJson('/workshop', self::said(['revision' => 2])), 409, '', 'changed elsewhere');
        self::assertSame(['EUR', 3, null, 1], array_values(WorkshopSettings::here()->only(['currency', 'lead_days', 'finger_mm', 'revision'])));
    }

    public function test_a_finger_that_was_measured_counts_before_one_that_is_learned(): void
    {
        $set = self::keptSet();
        $this->putJson('/workshop', self::said(['finger_mm' => 17.5]))->assertOk();
        $this->putJson('/jobs/schools', ['owner' => '', 'schools' => ['leave' => 'lift']])->assertOk();
        $job = $this->begun($set, ['schools' => ['leave' => 'lift']]);
        self::assertSame(17.5, data_get($job->document, 'job.finger_mm'));
        $this->get("/jobs/{$job->id}")->assertInertia(static fn (AssertableInertia $page) => $page->where(
            'state.job.schools',
            static fn (mixed $schools): bool => str_contains((string) json_encode($schools), 'A finger here is 17.5 mm, as it was measured.'),
        ));
    }

    public function test_the_ways_of_the_workshop_are_all_there_and_those_as_usual_are_not_kept(): void
    {
        $this->putJson('/jobs/schools', ['owner' => '', 'schools' => ['leave' => 'lift', 'order' => 'by-instrument']])->assertOk();
        $this->putJson('/jobs/schools', ['owner' => 'Wren', 'schools' => ['leave' => 'lift']])->assertOk();
        $this->get('/workshop/ways')->assertInertia(static fn (AssertableInertia $page) => $page->component('workshop/WaysPage')->has('schools', 9)
            ->where('owners', ['Wren'])
            ->where('schools.1', static fn (mixed $school): bool => data_get($school, 'aspect') === 'order' && data_get($school, 'chosen') === 'by-instrument')
            ->where('schools.5', static fn (mixed $school): bool => data_get($school, 'aspect') === 'leave' && data_get($school, 'chosen') === 'lift'));
    }

    public function test_an_owner_gets_another_name_everywhere_and_an_open_job_keeps_it(): void
    {
        $set = self::keptSet(Documents::with('/instrument/owner', 'Wren'));
        $job = $this->begun($set, ['owner' => 'Wren']);
        $this->record($job, $this->event('agreed', ['owner' => 'Wren', 'reason' => 'dull', 'promised_on' => null]))->assertOk();
        OwnCareRule::query()->create(['name' => 'Dust', 'every_weeks' => 2, 'days' => [], 'kinds' => [], 'owner' => 'Wren']);
        SchoolChoice::query()->create(['owner' => 'Wren', 'schools' => ['leave' => 'lift']]);
        $instrument = Instrument::query()->findOrFail($set->instrument_id);
        $this->get('/workshop/owners?owner=Wren')->assertInertia(static fn (AssertableInertia $page) => $page->component('workshop/OwnersPage')
            ->where('owners.0', ['name' => 'Wren', 'instruments' => 1, 'jobs' => 1, 'open' => 1, 'rules' => 1, 'way' => true])
            ->where('chosen.instruments.0.id', $instrument->id)->where('chosen.jobs.0.id', $job->id)->where('chosen.rules', ['Dust']));

        $this->putJson('/workshop/owners', ['from' => 'Wren', 'to' => '  Wren   Adeyemi '])->assertOk()->assertExactJson(['instruments' => 1, 'jobs' => 1, 'merged' => false]);
        $changed = $instrument->refresh();
        self::assertSame(['Wren Adeyemi', 'Wren Adeyemi'], [$changed->owner, $changed->document->owner ?? null]);
        // Whoever had its sheet open is told.
        self::assertSame(409, $this->putJson("/instruments/{$instrument->id}", ['revision' => $instrument->revision - 1, 'document' => $changed->document, 'strings' => 6])->getStatusCode());
        // What happens next does not bring the old name back.
        $this->record($job, $this->event('noted', ['text' => 'A note.']))->assertOk();
        self::assertSame('Wren Adeyemi', $job->refresh()->owner);
        self::assertSame(['Wren Adeyemi'], [...OwnCareRule::query()->pluck('owner')->all()]);
        self::assertSame(['Wren Adeyemi'], [...SchoolChoice::query()->pluck('owner')->all()]);

        self::assertLiraError($this->putJson('/workshop/owners', ['from' => 'Wren Adeyemi', 'to' => ' ']), 422, '/to', 'Give the name');
        self::assertLiraError($this->putJson('/workshop/owners', ['from' => 'Nobody', 'to' => 'Wren']), 404, '', 'nothing here');
    }

    public function test_two_owners_become_one_and_the_way_of_the_name_that_stays_counts(): void
    {
        $one = self::keptSet(Documents::with('/instrument/owner', 'Wren'));
        $other = self::keptSet(Documents::with('/instrument/owner', 'Wren A.'));
        SchoolChoice::query()->create(['owner' => 'Wren', 'schools' => ['leave' => 'lift']]);
        SchoolChoice::query()->create(['owner' => 'Wren A.', 'schools' => ['leave' => 'posts']]);
        $this->putJson('/workshop/owners', ['from' => 'Wren A.', 'to' => 'Wren'])->assertOk()->assertJsonPath('merged', true);
        self::assertSame(2, Instrument::query()->whereIn('id', [$one->instrument_id, $other->instrument_id])->where('owner', 'Wren')->count());
        self::assertSame([['leave' => 'lift']], SchoolChoice::query()->get()->map(static fn (SchoolChoice $choice): array => $choice->schools)->all());
        self::assertSame(0, Job::query()->where('owner', 'Wren A.')->count());
    }

    public function test_every_place_of_it_opens_and_its_old_address_leads_there(): void
    {
        foreach (['/workshop' => 'WorkshopPage', '/workshop/ways' => 'WaysPage', '/workshop/care' => 'CarePage', '/workshop/owners' => 'OwnersPage', '/workshop/copies' => 'CopiesPage', '/workshop/help' => 'HelpPage'] as $address => $page) {
            $this->get($address)->assertOk()->assertInertia(static fn (AssertableInertia $at) => $at->component("workshop/{$page}"));
        }
        $this->get('/log/care')->assertRedirect('/workshop/care');
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return array<string, mixed>
     */
    private static function said(array $changed): array
    {
        return $changed + ['name' => '', 'address' => '', 'currency' => 'EUR', 'lead_days' => 3, 'finger_mm' => null, 'revision' => 1];
    }

    private function text(string $address): string
    {
        return (string) preg_replace('/\s+/', ' ', (new Parser)->parseContent((string) $this->get($address)->assertOk()->getContent())->getText());
    }
}
