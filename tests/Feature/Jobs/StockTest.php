<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\MovementKind;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\TypeColumns;
use App\Models\WantedString;
use App\Strings\Drawer\Drawer;
use Inertia\Testing\AssertableInertia;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;

/** The drawer and a job: kept when it begins, used as strings go on, given back when not. */
final class StockTest extends JobsTestCase
{
    public function test_strings_are_kept_used_and_given_back(): void
    {
        $set = self::keptSet();
        $lots = self::stocked($set, 2);
        $job = $this->begun($set, ['from_drawer' => true]);
        self::assertSame([2, 1], self::thereAndFree($lots[0]));

        $this->record($job, $this->event('did', ['key' => 'fit:1']));
        self::assertSame([1, 1], self::thereAndFree($lots[0]));
        self::assertSame(1, Movement::query()->where('kind', MovementKind::Used)->where('set_id', $set->id)->count());
        // Gone back to, it lies in the drawer again and is kept; done once more, it is used once.
        $this->record($job, $this->event('back', ['key' => 'fit:1']));
        self::assertSame([2, 1], self::thereAndFree($lots[0]));
        self::assertSame(1, Movement::query()->where('kind', MovementKind::Returned)->count());
        $this->record($job, $this->event('did', ['key' => 'fit:1']));
        self::assertSame([1, 1], self::thereAndFree($lots[0]));

        $this->deleteJson("/jobs/{$job->id}")->assertOk();
        self::assertSame([1, 1], self::thereAndFree($lots[0]), 'what is on stays used');
        self::assertSame([2, 2], self::thereAndFree($lots[5]), 'what was kept is free again');
        $this->postJson("/jobs/{$job->id}/unarchive")->assertOk();
        self::assertSame([2, 1], self::thereAndFree($lots[5]));
    }

    public function test_packets_have_notches_once_labels_were_printed_for_their_set(): void
    {
        $set = self::keptSet();
        $job = $this->begun($set);
        $labelled = fn (): mixed => $this->getJson("/jobs/{$job->id}/news")->json('state.job.strings.*.labelled');
        self::assertSame(array_fill(0, 6, false), $labelled());
        $saved = [$set->refresh()->revision, $set->updated_at->toIso8601String()];
        $this->travel(1)->hours();
        $this->postJson("/sets/{$set->id}/labelled")->assertOk();
        self::assertSame(array_fill(0, 6, true), $labelled());
        self::assertSame($saved, [$set->refresh()->revision, $set->updated_at->toIso8601String()], 'its design was not touched');
    }

    public function test_the_colour_of_a_ball_end_is_noted_with_its_lot_and_shown_with_its_packet(): void
    {
        $set = self::keptSet();
        $lots = self::stocked($set, 2);
        $this->putJson("/strings/drawer/lots/{$lots[3]->id}/ball", ['colour' => ' green '])->assertOk()->assertJson(['ball_colour' => 'green']);
        self::assertLiraError($this->putJson("/strings/drawer/lots/{$lots[3]->id}/ball", ['colour' => str_repeat('g', 31)]), 422, '/colour', 'up to 30 letters');
        $this->get('/strings/drawer')->assertInertia(static fn (AssertableInertia $page) => $page->where('contents.3.lots.0.ball_colour', 'green'));
        $colours = fn (Job $job): mixed => $this->getJson("/jobs/{$job->id}/news")->json('state.job.strings.*.ball_colour');
        $job = $this->begun($set, ['from_drawer' => true]);
        self::assertSame(['', '', '', 'green', '', ''], $colours($job));
        // On, it is still of that lot; of packets that are not the drawer's nothing is known.
        $this->record($job, $this->event('did', ['key' => 'fit:4']));
        self::assertSame('green', $colours($job)[3]);
        self::assertSame(['', '', '', '', '', ''], $colours($this->begun($set)));
        // Taken back: left empty as its dialog sends it.
        $this->putJson("/strings/drawer/lots/{$lots[3]->id}/ball", ['colour' => ''])->assertOk()->assertJson(['ball_colour' => '']);
    }

    public function test_a_spare_takes_the_place_of_a_string_that_broke(): void
    {
        $set = self::keptSet();
        $lots = self::stocked($set, 2);
        $job = $this->begun($set, ['from_drawer' => true, 'spares' => 1]);
        self::assertSame([2, 0], self::thereAndFree($lots[1]));

        $this->record($job, $this->event('did', ['key' => 'fit:2']));
        $answer = $this->record($job, $this->event('again', ['position' => 2, 'reason' => 'broke', 'where' => 'post']))->assertOk();
        self::assertSame(['kept', 0, 1], [$answer->json('state.job.strings.1.from'), $answer->json('state.job.strings.1.spares'), self::progress($job)->spoiled(2)]);
        self::assertSame([1, 0], self::thereAndFree($lots[1]));
        $this->doAll($job);
        self::assertSame([0, 0], self::thereAndFree($lots[1]));
        self::assertSame([1, 0], self::thereAndFree($lots[2]), 'its spare stays kept to the end');
        $this->record($job, $this->event('finished'))->assertOk();
        self::assertSame([1, 1], self::thereAndFree($lots[2]));
        self::assertSame(0, Reservation::query()->where('status', ReservationStatus::Kept)->count());
    }

    public function test_what_is_missing_is_ordered_and_kept_when_it_comes(): void
    {
        $set = self::keptSet();
        $lots = self::stocked($set, 1);
        app(Drawer::class)->take($lots[3], 1, 'elsewhere');
        $job = $this->begun($set, ['from_drawer' => true]);
        $seen = $this->getJson("/jobs/{$job->id}/news")->assertOk();
        self::assertSame([4], $seen->json('state.job.missing'));
        // The others go on first, whole, and the fourth stays on until its successor is there.
        $left = self::left($seen);
        self::assertGreaterThan(array_search('tune-string:1', $left, true), array_search('off:4', $left, true));

        $this->postJson("/jobs/{$job->id}/wanted", ['position' => 4])->assertCreated()->assertJsonPath('state.job.strings.3.wanted', true);
        $this->postJson("/jobs/{$job->id}/wanted", ['position' => 4])->assertCreated();
        self::assertSame(1, WantedString::query()->count());
        $this->get('/strings/orders')->assertInertia(static fn (AssertableInertia $page) => $page
            ->has('wanted', 1)->where('wanted.0.gauge_nm', $lots[3]->gauge_nm)->where('wanted.0.job', $job->id)->where('wanted.0.free', 0));

        app(Drawer::class)->put(['list_string_id' => null, 'name' => 'Late', ...TypeColumns::of($lots[3]->type()), 'end' => 'ball'], 1, null, '');
        $seen = $this->getJson("/jobs/{$job->id}/news")->assertOk();
        self::assertSame([[], 'kept', 'Late'], [$seen->json('state.job.missing'), $seen->json('state.job.strings.3.from'), $seen->json('state.job.strings.3.lot')]);
        self::assertSame(0, WantedString::query()->count());
        self::assertSame('off:6', self::left($seen)[2]);
    }

    public function test_a_job_without_a_string_waits_unless_it_is_here_after_all(): void
    {
        $set = self::keptSet();
        $lots = self::stocked($set, 1);
        app(Drawer::class)->take($lots[0], 1, 'elsewhere');
        $job = $this->begun($set, ['from_drawer' => true]);
        $others = array_filter(self::left($this->getJson("/jobs/{$job->id}/news")), static fn (string $key): bool => ! str_ends_with($key, ':1'));
        $this->record($job, ...array_map(fn (string $key): array => $this->event('did', ['key' => $key]), array_slice($others, 0, 18)))->assertOk();

        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('jobs.0.blocked', true)->where('jobs.0.missing', [1])->where('jobs.0.ordered', false));
        $answer = $this->record($job, $this->event('chose', ['position' => 1, 'lot' => null]))->assertOk();
        self::assertSame([[], 'here'], [$answer->json('state.job.missing'), $answer->json('state.job.strings.0.from')]);
        $this->doAll($job);
        // What was brought along is not taken from the drawer.
        self::assertSame(5, Movement::query()->where('kind', MovementKind::Used)->where('set_id', $set->id)->count());
    }

    public function test_what_is_brought_along_is_not_taken_though_there_is_some_and_a_lot_that_is_chosen_is(): void
    {
        $set = self::keptSet();
        [$early] = self::stocked($set, 2);
        [$late] = self::stocked($set, 2);
        $job = $this->begun($set, ['from_drawer' => true]);
        self::assertSame([$early->id], $job->reservations()->where('position', 1)->pluck('lot_id')->all());
        $this->record($job, $this->event('chose', ['position' => 1, 'lot' => $late->id]))->assertOk();
        self::assertSame([$late->id], $job->reservations()->where('position', 1)->pluck('lot_id')->all());
        $this->record($job, $this->event('did', ['key' => 'fit:1']))->assertOk();
        self::assertSame([2, 1], [$early->refresh()->quantity, $late->refresh()->quantity]);

        $this->record($job, $this->event('chose', ['position' => 2, 'lot' => null]))->assertOk();
        $this->doAll($job);
        $this->record($job, $this->event('finished'))->assertOk();
        self::assertSame(4, (int) Lot::query()->where('name', 'Gull 2')->sum('quantity'));
        self::assertSame(5, Movement::query()->where('kind', MovementKind::Used)->where('set_id', $set->id)->count());
        self::assertSame(0, Reservation::query()->where('status', ReservationStatus::Kept)->count());
    }

    public function test_a_string_that_was_put_on_in_the_wrong_place_is_missing_in_its_own(): void
    {
        $set = self::keptSet();
        $lots = self::stocked($set, 1);
        $job = $this->begun($set, ['from_drawer' => true]);
        $this->record($job, $this->event('did', ['key' => 'fit:6']));
        $answer = $this->record($job, $this->event('again', ['position' => 6, 'reason' => 'wrong', 'whole' => false, 'was' => 5]))->assertOk();
        self::assertSame([[5], 'kept'], [$answer->json('state.job.missing'), $answer->json('state.job.strings.5.from')]);
        self::assertSame([[0, 0], [1, 0]], [self::thereAndFree($lots[4]), self::thereAndFree($lots[5])]);
    }

    public function test_two_jobs_never_keep_the_same_string(): void
    {
        $set = self::keptSet();
        self::stocked($set, 1);
        $first = $this->begun($set, ['from_drawer' => true]);
        $second = $this->begun($set, ['from_drawer' => true]);
        self::assertSame([], $this->getJson("/jobs/{$first->id}/news")->json('state.job.missing'));
        self::assertSame([1, 2, 3, 4, 5, 6], $this->getJson("/jobs/{$second->id}/news")->json('state.job.missing'));
        self::assertLiraError(
            $this->postJson('/strings/drawer/lots/'.Lot::query()->firstOrFail()->id.'/take', ['quantity' => 1]), 409, '', 'kept for orders and jobs',
        );

        // Dropped, what the first had is the second's for the asking.
        $this->deleteJson("/jobs/{$first->id}");
        $this->record($second, $this->event('did', ['key' => 'prepare']));
        self::assertSame([], $this->getJson("/jobs/{$second->id}/news")->json('state.job.missing'));
    }

    public function test_the_order_list_is_ordered_with_the_next_parcel(): void
    {
        $this->withDemo();
        $wanted = WantedString::query()->sole();
        $before = $this->postJson('/strings/orders/plan', ['listed' => true])->assertOk();
        self::assertSame(1, $before->json('needed'));
        $this->postJson('/strings/orders', ['listed' => true, 'key' => 'for-the-smack'])->assertCreated();
        $wanted->refresh();
        self::assertNotNull($wanted->purchase_id);
        $this->get('/strings/orders')->assertInertia(static fn (AssertableInertia $page) => $page->has('wanted', 0)->has('orders', 1));

        $order = $wanted->purchase?->orders()->sole()->id;
        $this->postJson("/strings/orders/{$order}/send")->assertOk();
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('jobs', static fn (\Illuminate\Support\Collection $jobs): bool => $jobs->contains(
            static fn (mixed $job): bool => is_array($job) && $job['blocked'] === true && $job['ordered'] === true && $job['due'] !== null,
        )));
        for ($parcel = 0; $parcel < 3 && WantedString::query()->exists(); $parcel++) {
            $this->postJson("/strings/orders/{$order}/arrive");
            $this->postJson("/strings/orders/{$order}/receive", ['lines' => new \stdClass]);
        }
        $this->get('/jobs')->assertInertia(static fn (AssertableInertia $page) => $page->where('jobs', static fn (\Illuminate\Support\Collection $jobs): bool => ! $jobs->contains('blocked', true)));
    }

    public function test_an_entry_of_the_order_list_can_be_taken_off(): void
    {
        $type = StringType::of(Construction::Plain, Material::MusicWire, Length::thousandths(11));
        $wanted = WantedString::query()->create([...TypeColumns::of($type), 'count' => 2, 'note' => 'for the tour']);
        $this->deleteJson("/strings/wanted/{$wanted->id}")->assertOk();
        self::assertSame(0, WantedString::query()->count());
        self::assertLiraError($this->postJson('/strings/orders/plan', []), 422, '/sets', 'Choose at least one set');
    }

    /** @return array{int, int} how many there are, and how many of these are free */
    private static function thereAndFree(Lot $lot): array
    {
        return [Lot::query()->findOrFail($lot->id)->quantity, app(Drawer::class)->freeOf($lot->type())];
    }
}
