<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\StoredSets;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobStatus;
use App\Models\Lot;
use App\Models\StringSet;
use App\Workshop\Place;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Lira\Document\Json;
use Lira\Finding\Finding;

final class DemoTest extends FeatureTestCase
{
    public function test_the_demo_workshop_has_many_kinds_and_one_set_half_done_on_the_bench(): void
    {
        self::assertSame(0, Artisan::call('lira:demo'));

        self::assertGreaterThanOrEqual(12, StringSet::query()->count());
        self::assertGreaterThanOrEqual(6, Instrument::query()->distinct()->count('kind'));
        $open = StringSet::query()->where('name', 'Harbour, down to C')->firstOrFail();
        $this->get('/')->assertRedirect("/bench/{$open->id}");
        self::assertIsString($open->document->notes);
        self::assertStringContainsString('To feel as Curlew does in D', $open->document->notes);
    }

    public function test_the_demo_instruments_are_measured_and_some_sets_have_real_trouble_on_them(): void
    {
        $this->withDemo();
        $codes = [];
        foreach (StringSet::query()->with('instrument')->get() as $set) {
            $codes[$set->name] = array_map(
                static fn (Finding $finding): string => $finding->type->code,
                app(StoredSets::class)->document($set)->assessment()->findings,
            );
        }

        self::assertContains('nut-slot-narrow', $codes['Ketch, a fourth down']);
        self::assertContains('saddle-travel', $codes['Smack, drop A']);
        self::assertContains('post-hole', $codes['Wherry, in fifths']);
        self::assertContains('nut-slot-wide', $codes['Dunlin, lower four an octave up']);
        self::assertSame(['total-change'], $codes['Harbour, down to C']);
        $anchors = Instrument::query()->get()
            ->map(static fn (Instrument $instrument): mixed => data_get($instrument->document, 'hardware.anchor'))->unique();
        self::assertGreaterThanOrEqual(7, $anchors->count());
    }

    public function test_the_demo_never_comes_over_somebody_s_own_work(): void
    {
        self::keptSet();
        self::assertSame(2, Artisan::call('lira:demo'));
        self::assertSame(0, Artisan::call('lira:demo', ['--when-empty' => true]));

        self::assertSame(1, StringSet::query()->count());
    }

    public function test_it_is_taken_out_whole(): void
    {
        $this->postJson('/demo')->assertCreated();
        self::assertLiraError($this->postJson('/demo'), 409, '', 'something in this workshop already');
        $this->getJson('/demo')->assertOk()->assertJsonPath('stays', [])->assertJsonPath('goes.0.what', 'Instruments');
        self::assertSame([], $this->takenOut());

        foreach (Schema::getTables() as $table) {
            if (! in_array($table['name'], ['migrations', 'sqlite_sequence', 'log_settings', 'workshop_settings', 'calendar_events'], true)) {
                self::assertSame(0, DB::table($table['name'])->count(), "{$table['name']} is not empty");
            }
        }
        // And put in again, as an empty workshop is offered.
        $this->postJson('/demo')->assertCreated();
        self::assertTrue(StringSet::query()->exists());
    }

    public function test_what_somebody_made_meanwhile_stays_with_all_it_hangs_on(): void
    {
        $this->postJson('/demo')->assertCreated();
        $curlew = Instrument::query()->where('name', 'Curlew')->firstOrFail();
        $this->postJson('/start', ['instrument_id' => $curlew->id, 'wish' => 'drop C'])->assertCreated();
        $mine = StringSet::query()->latest('id')->firstOrFail()->id;
        $own = self::keptSet();

        self::assertSame(['Curlew'], $this->takenOut());
        self::assertEqualsCanonicalizing([$mine, $own->id], StringSet::withTrashed()->pluck('id')->all());
        $this->get("/bench/{$mine}")->assertOk();
        self::assertSame(12, DB::table('set_strings')->count());
        self::assertSame([], DB::select('pragma foreign_key_check'));
        // There is no demo any more to take out.
        $this->getJson('/demo')->assertExactJson(['goes' => [], 'stays' => []]);
        $this->deleteJson('/demo')->assertExactJson(['kept' => [], 'copy' => null]);
        self::assertSame(2, StringSet::query()->count());
    }

    public function test_what_was_touched_of_it_stays_as_it_is_said_before_it_goes(): void
    {
        $this->postJson('/demo')->assertCreated();
        $set = StringSet::query()->where('name', 'Curlew, D standard')->firstOrFail();
        $document = Json::object((string) $this->get("/sets/{$set->id}/export")->getContent());
        $document->name = 'Mine now';
        $this->putJson("/sets/{$set->id}", ['document' => $document, 'revision' => $set->revision])->assertOk();
        $job = Job::query()->where('status', JobStatus::Open)->whereHas('instrument', static fn (Builder $query) => $query->where('name', 'Smack'))->firstOrFail();
        $this->postJson("/jobs/{$job->id}/events", ['now' => now()->toIso8601String(), 'events' => [
            ['id' => '00000000-0000-4000-8000-000000000001', 'device' => 'here', 'kind' => 'noted', 'data' => ['text' => 'Mine.'], 'at' => now()->toIso8601String()],
        ]])->assertOk();
        $lot = Lot::query()->where('quantity', '>', 3)->whereNotNull('list_string_id')->firstOrFail();
        $this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 1, 'note' => ''])->assertOk();

        $said = $this->getJson('/demo')->assertOk();
        $stays = collect((array) $said->json('stays'))->pluck('names', 'what')->all();
        self::assertSame(['Curlew', 'Smack'], $stays['Instruments'] ?? null);
        self::assertContains('Mine now', (array) ($stays['Sets'] ?? []));
        self::assertContains($job->name, (array) ($stays['Jobs'] ?? []));
        self::assertCount(1, (array) ($stays['Suppliers'] ?? []));
        $goes = collect((array) $said->json('goes'))->pluck('names', 'what')->all();
        self::assertContains('Ketch', (array) ($goes['Instruments'] ?? []));
        self::assertNotContains('Mine now', (array) ($goes['Sets'] ?? []));

        $this->takenOut();
        self::assertSame(['Curlew', 'Smack'], Instrument::withTrashed()->orderBy('name')->pluck('name')->all());
        self::assertSame((array) ($stays['Sets'] ?? []), StringSet::withTrashed()->orderBy('name')->pluck('name')->all());
        self::assertContains('Mine.', JobEvent::query()->where('job_id', $job->id)->get()->map(static fn (JobEvent $event): mixed => $event->data['text'] ?? null)->all());
        self::assertSame($job->set_id, $job->refresh()->set_id);
        self::assertGreaterThan(1, JobEvent::query()->where('job_id', $job->id)->count());
        self::assertSame($lot->quantity - 1, $lot->refresh()->quantity);
        self::assertNotNull($lot->list_string_id);
        self::assertSame([], DB::select('pragma foreign_key_check'));
        $this->get("/jobs/{$job->id}")->assertOk();
        $this->get("/bench/{$set->id}")->assertOk();
    }

    public function test_it_stays_whole_where_no_copy_can_be_kept_first(): void
    {
        $this->postJson('/demo')->assertCreated();
        $sets = StringSet::query()->count();
        $this->app->instance(Place::class, Place::of('/proc/lira.sqlite', ''));
        self::assertLiraError($this->deleteJson('/demo'), 422, '', 'There is no workshop in /proc/lira.sqlite');
        self::assertSame($sets, StringSet::query()->count());
    }

    /** @return mixed the names of what stays */
    private function takenOut(): mixed
    {
        $copies = fn (): int => count((array) glob(dirname($this->app->make(Place::class)->database).'/*with-the-demo-*.zip'));
        [$before, $whenItWent] = [$copies(), null];
        DB::listen(static function (QueryExecuted $query) use (&$whenItWent, $copies): void {
            $whenItWent ??= str_starts_with($query->sql, 'delete') ? $copies() : null;
        });
        $out = $this->deleteJson('/demo')->assertOk();
        $copy = $out->json('copy');
        self::assertIsString($copy);
        self::assertStringStartsWith("PK\x03\x04", (string) file_get_contents($copy));
        self::assertSame($before + 1, $whenItWent, 'the copy was kept before anything went');
        unlink($copy);

        return $out->json('kept');
    }

    public function test_storage_is_set_up_for_several_hands(): void
    {
        $pragma = static fn (string $name): mixed => current((array) DB::selectOne("PRAGMA {$name}"));

        self::assertSame('wal', $pragma('journal_mode'));
        self::assertSame(1, $pragma('foreign_keys'));
        self::assertSame(5000, $pragma('busy_timeout'));
    }

    public function test_a_page_that_is_not_there_is_said_inside_the_application(): void
    {
        $this->get('/bench/999')->assertNotFound()->assertInertia(static fn (\Inertia\Testing\AssertableInertia $page) => $page
            ->component('frame/ErrorPage')->where('status', 404)->has('units'));
    }
}
