<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Play;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Lira\Life\Life;
use Lira\Life\Together;
use Tests\Core\Document\Documents;

/** Hours on an instrument's strings, how long these last, and when they are due. */
final class HoursTest extends LogTestCase
{
    public function test_hours_are_logged_count_for_more_in_heat_and_are_taken_away_again(): void
    {
        $this->travelTo('2026-11-02 12:00:00');
        $set = $this->strung();
        $this->travelTo('2026-11-16 12:00:00');
        $url = "/instruments/{$set->instrument_id}/plays";
        $answer = $this->postJson($url, ['hours' => 2, 'on' => '2026-11-10'])->assertCreated();
        $answer = $this->postJson($url, ['hours' => 1, 'on' => '2026-11-12', 'heat' => true, 'sweat' => true])->assertCreated();
        // Before these strings were on, it was played on others.
        $this->postJson($url, ['hours' => 5, 'on' => '2026-10-20'])->assertCreated();

        self::assertEqualsWithDelta(2 + 1 / 0.36, $answer->json('life.families.0.played_h'), 1e-9);
        // They do not vouch for themselves.
        $expected = Life::of(40.0, [])->quantileH(0.5);
        $this->get("/instruments/{$set->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page
            ->has('life.last', 3)->where('life.last.0.on', '2026-11-12')->where('life.last.0.heat', true)->where('life.hours_a_week', null)
            ->where('life.families.0.positions', [1, 2, 3, 4, 5, 6])->where('life.families.0.learned_from', 0)
            ->where('life.families.0.p50_h', static fn (float|int $hours): bool => abs($hours - $expected) < 1e-9));
        $id = Play::query()->where('heat', true)->sole()->id;
        $left = $this->deleteJson("{$url}/{$id}")->assertOk();
        self::assertEqualsWithDelta(2.0, $left->json('life.families.0.played_h'), 1e-9);
        $this->deleteJson("{$url}/{$id}")->assertNotFound();
    }

    public function test_where_nobody_logs_the_usual_hours_a_week_count(): void
    {
        $this->travelTo('2026-11-02 12:00:00');
        $set = $this->strung();
        $this->travelTo('2026-11-16 12:00:00');
        $answer = $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 5])->assertOk();

        self::assertEqualsWithDelta(10.0, $answer->json('life.families.0.played_h'), 1e-6);
        // About 30 hours are left: six weeks.
        $days = (int) round(7 * (40.0 - 10) / 5);
        $due = now()->addDays($days)->toDateString();
        self::assertSame($due, $answer->json('life.families.0.due_on'));
        self::assertLessThan($due, $answer->json('life.families.0.due_from'));
        self::assertNull($answer->json('life.families.0.not_before'));
        self::assertGreaterThan($due, $answer->json('life.families.0.due_to'));
        // Nobody's change of the instrument is crossed by it.
        self::assertSame(1, Instrument::query()->whereKey($set->instrument_id)->value('revision'));
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => null])->assertOk()->assertJsonPath('life.families.0.due_on', null);
    }

    public function test_how_long_they_last_is_learned_from_what_the_same_owner_had_on(): void
    {
        $this->travelTo('2026-01-05 12:00:00');
        $set = $this->strung();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 10])->assertOk();
        $this->travelTo('2026-02-02 12:00:00');
        $this->strung($set, 'dull');
        $this->travelTo('2026-02-16 12:00:00');
        $this->strung($set, 'show');

        $answer = $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 10])->assertOk();
        // Six that were dull after 40 hours; six that were changed early after 20.
        $expected = Life::of(40.0, [Together::of(array_fill(0, 6, 40.0), []), Together::of([], array_fill(0, 6, 20.0))]);
        self::assertSame([6, 1], [$answer->json('life.families.0.learned_from'), $answer->json('life.families.0.changes')]);
        foreach (['p10_h' => 0.1, 'p20_h' => 0.2, 'p50_h' => 0.5, 'p90_h' => 0.9] as $key => $chance) {
            self::assertEqualsWithDelta($expected->quantileH($chance), $answer->json("life.families.0.{$key}"), 1e-6);
        }
        // Hardly ever played, nobody says a day: two years and no more.
        $seldom = $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 0.1])->assertOk();
        self::assertSame([null, 2028], [$seldom->json('life.families.0.due_on'), $seldom->json('life.families.0.not_before')]);

        // What another owner has tells nothing of them.
        Instrument::query()->whereKey($set->instrument_id)->update(['owner' => 'Somebody else']);
        $own = $this->strung(self::keptSet(Documents::with('/instrument/name', 'Tern')));
        $this->get("/instruments/{$own->instrument_id}")->assertInertia(static fn (AssertableInertia $page) => $page->where('life.families.0.learned_from', 0));
    }

    public function test_what_cannot_be_is_refused_and_nothing_is_kept(): void
    {
        $set = self::keptSet();
        $url = "/instruments/{$set->instrument_id}/plays";
        self::assertLiraError($this->postJson($url, ['hours' => 0, 'on' => '2026-11-10']), 422, '/hours', 'up to 24');
        self::assertLiraError($this->postJson($url, ['hours' => 1, 'on' => now()->addWeek()->toDateString()]), 422, '/on', 'not one to come');
        self::assertLiraError($this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 'many']), 422, '/hours_a_week', '0 to 168');
        self::assertSame(0, Play::query()->count());
    }

    public function test_a_page_asks_no_more_of_a_long_log(): void
    {
        $set = $this->strung();
        $asked = function () use ($set): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->get("/instruments/{$set->instrument_id}")->assertOk();

            return count(DB::getQueryLog());
        };
        $this->postJson("/instruments/{$set->instrument_id}/plays", ['hours' => 1, 'on' => now()->toDateString()])->assertCreated();
        $few = $asked();
        Play::query()->insert(array_map(static fn (int $day): array => [
            'instrument_id' => $set->instrument_id, 'played_on' => now()->subDays($day)->toDateString(), 'hours' => 1, 'created_at' => now(),
        ], range(1, 300)));
        $fitting = Fitting::query()->firstOrFail()->getAttributes();
        unset($fitting['id']);
        Fitting::query()->insert(array_fill(0, 300, ['removed_at' => now(), 'reason' => 'dull'] + $fitting));

        self::assertSame($few, $asked());
    }
}
