<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\ListString;
use App\Models\Lot;
use App\Models\Supplier;
use Inertia\Testing\AssertableInertia;
use Lira\Life\Life;
use Lira\Life\Together;
use Tests\Core\Document\Documents;

/** What is learned of strings, drawn and said with what it rests on. */
final class LivesTest extends LogTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-01 12:00:00');
    }

    public function test_steps_band_and_number_are_of_the_family_the_owner_and_the_place_one_asks_for(): void
    {
        $instrument = $this->history([30.0, 50.0], running: 20.0);
        $other = self::keptSet(Documents::with('/instrument/name', 'Tern'))->instrument;
        Instrument::query()->whereKey($other->id)->update(['owner' => 'Wren', 'place' => 'sea']);
        self::fitted($other, '2026-01-01', '2026-02-01');
        self::played($other, '2026-01-05', 10.0);

        $life = Life::of(40.0, [Together::of([30.0], []), Together::of([50.0], []), Together::of([10.0], []), Together::of([], [20.0])]);
        $all = $this->lives('');
        self::assertSame(['steel and nickel', false, 3, 1], [$all[0]['label'], $all[0]['coated'], $all[0]['ended'], $all[0]['running']]);
        self::assertEqualsWithDelta([$life->quantileH(0.1), $life->quantileH(0.5), $life->medianH()->high], [$all[0]['p10_h'], $all[0]['p50_h'], $all[0]['median_high_h']], 1e-6);
        self::assertEqualsWithDelta([$life->shape(), $life->countsAs, 3], [$all[0]['shape'], $all[0]['counts_as'], $all[0]['changes']], 1e-9);
        self::assertEqualsWithDelta([0.75, 0.375, 0.0], array_column($all[0]['steps'], 'share'), 1e-9);
        self::assertSame([4, 2, 1], array_column($all[0]['steps'], 'of'));
        self::assertEqualsWithDelta($life->survival($all[0]['curve'][20]['hours'])->low, $all[0]['curve'][20]['low'], 1e-9);
        self::assertSame(1, $this->lives('?owner=Wren')[0]['ended']);
        self::assertSame(1, $this->lives('?place=sea')[0]['ended']);
        self::assertSame(2, $this->lives('?place=')[0]['ended']);
        self::assertSame([], $this->lives('?owner=Nobody'));

        // Coated ones are a family of their own, and last three times as long to begin with.
        $this->putJson("/instruments/{$instrument->id}/coated", ['positions' => [1], 'coated' => true])->assertOk()->assertJsonPath('life.families.0.coated', true);
        $coated = array_values(array_filter($this->lives(''), static fn (array $each): bool => $each['coated']));
        self::assertEqualsWithDelta(120.0, $coated[0]['usual_h'], 1e-9);
        self::assertLiraError($this->putJson("/instruments/{$instrument->id}/coated", ['positions' => [], 'coated' => true]), 422, '/positions', 'which strings');
    }

    /** Strings of two owners who play so differently that one band cannot hold both are offered apart. */
    public function test_those_that_do_not_wear_alike_are_parted(): void
    {
        foreach (['Wren' => 8.0, 'Tern' => 160.0] as $owner => $hours) {
            $instrument = self::keptSet(Documents::with('/instrument/name', "Of {$owner}"))->instrument;
            Instrument::query()->whereKey($instrument->id)->update(['owner' => $owner]);
            foreach (range(1, 8) as $month) {
                self::fitted($instrument, "2025-0{$month}-01", "2025-0{$month}-28");
                foreach (range(2, 11) as $day) {
                    self::played($instrument, sprintf('2025-0%d-%02d', $month, $day), $hours / 10 * (0.4 + 0.13 * $month));
                }
            }
        }
        $together = $this->lives('');
        self::assertSame([1, 16, '', false], [count($together), $together[0]['ended'], $together[0]['part'], $together[0]['alike']]);
        foreach (['owner' => ['Tern', 'Wren'], 'instrument' => ['Of Tern', 'Of Wren'], 'make' => ['no list named']] as $part => $names) {
            $parts = $this->lives("?part={$part}");
            self::assertEqualsCanonicalizing($names, array_column($parts, 'part'));
            self::assertSame(16, array_sum(array_column($parts, 'ended')));
            if ($part !== 'make') {
                self::assertContains(true, array_column($parts, 'alike'));
            }
        }
        self::assertCount(1, $this->lives('?part=colour'));
    }

    public function test_an_hour_costs_what_strings_cost_by_the_hours_they_did_and_one_alone_teaches_nothing(): void
    {
        $instrument = $this->history([30.0, 50.0]);
        $supplier = Supplier::query()->create(['name' => 'Marram String Works', 'currency' => 'EUR']);
        $listed = ListString::query()->create(['supplier_id' => $supplier->id, 'code' => 'M-10', 'name' => 'Ten', 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000, 'words' => 'ten', 'cents' => 120]);
        $lot = Lot::query()->create(['list_string_id' => $listed->id, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000, 'name' => 'Ten', 'quantity' => 0, 'cents' => 120]);
        $fittings = Fitting::query()->where('instrument_id', $instrument->id)->orderBy('id')->get();
        $fittings[0]?->update(['lot_id' => $lot->id]);
        self::assertSame([], $this->lives('')[0]['costs']);
        $fittings[1]?->update(['lot_id' => $lot->id]);
        self::assertEqualsWithDelta(['EUR' => 240 / 80], $this->lives('')[0]['costs'], 1e-9);
    }

    public function test_what_an_hour_costs_is_told_of_the_owner_one_asks_for(): void
    {
        $supplier = Supplier::query()->create(['name' => 'Marram String Works', 'currency' => 'EUR']);
        foreach (['Wren' => 120, 'Tern' => 360] as $owner => $cents) {
            $instrument = self::keptSet(Documents::with('/instrument/name', "Of {$owner}"))->instrument;
            $instrument->update(['owner' => $owner]);
            $listed = ListString::query()->create(['supplier_id' => $supplier->id, 'code' => "M-{$owner}", 'name' => 'Ten', 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000, 'words' => 'ten', 'cents' => $cents]);
            $lot = Lot::query()->create(['list_string_id' => $listed->id, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000, 'name' => 'Ten', 'quantity' => 0, 'cents' => $cents]);
            foreach (['2026-01', '2026-03'] as $month) {
                self::fitted($instrument, "{$month}-01", "{$month}-20", ['lot_id' => $lot->id]);
                self::played($instrument, "{$month}-05", 40.0);
            }
        }
        self::assertEqualsWithDelta(['EUR' => 3.0], $this->lives('?owner=Wren')[0]['costs'], 1e-9);
        self::assertEqualsWithDelta(['EUR' => 9.0], $this->lives('?owner=Tern')[0]['costs'], 1e-9);
        self::assertEqualsWithDelta(['EUR' => 6.0], $this->lives('')[0]['costs'], 1e-9);
    }

    public function test_rounds_and_hours_until_a_make_holds_are_told_from_two_jobs_on(): void
    {
        $instrument = self::keptSet()->instrument;
        $supplier = Supplier::query()->create(['name' => 'Marram String Works', 'currency' => 'EUR']);
        $listed = ListString::query()->create(['supplier_id' => $supplier->id, 'code' => 'M-10', 'name' => 'Ten', 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000, 'words' => 'ten', 'cents' => 120]);
        $lot = Lot::query()->create(['list_string_id' => $listed->id, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000, 'name' => 'Ten', 'quantity' => 0, 'cents' => 120]);
        foreach ([[2, 4.0], [3, 7.0]] as [$rounds, $hours]) {
            $this->get('/log/life')->assertInertia(static fn (AssertableInertia $page) => $page->has('holds', 0));
            $job = Job::query()->create(['instrument_id' => $instrument->id, 'name' => 'Set', 'reason' => 'dull', 'document' => new \stdClass, 'standing' => ['rounds' => $rounds, 'holds_h' => $hours], 'status' => 'finished']);
            // Two strings of a job are one job.
            self::fitted($instrument, '2026-02-01', null, ['job_id' => $job->id, 'lot_id' => $lot->id]);
            self::fitted($instrument, '2026-02-01', null, ['job_id' => $job->id, 'lot_id' => $lot->id, 'position' => 2]);
        }
        $this->get('/log/life')->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('holds.0.make', 'Marram String Works')->where('holds.0.rounds', 2.5)->where('holds.0.hours', 5.5)->where('holds.0.jobs', 2));
    }

    public function test_where_strings_break_is_a_map_with_its_suspicion_from_three_on(): void
    {
        $instrument = self::keptSet()->instrument;
        $broke = static fn (int $position) => self::fitted($instrument, '2026-01-01', '2026-02-01', ['reason' => 'broken', 'broke_at' => 'saddle', 'position' => $position]);
        $broke(1);
        $broke(2);
        self::assertSame(['', 2], [$this->map($instrument)[0]['suspicion'], $this->map($instrument)[0]['count']]);
        $broke(1);
        self::assertSame([[1, 2], [2, 1]], $this->map($instrument)[0]['strings']);
        self::assertStringContainsString('sharp saddle', $this->map($instrument)[0]['suspicion']);
        // Of all instruments together nothing is suspected.
        $this->get('/log/life')->assertInertia(static fn (AssertableInertia $page) => $page->where('broke.0.count', 3)->where('broke.0.suspicion', ''));
    }

    public function test_a_job_tells_how_and_where_the_old_ones_ended(): void
    {
        $set = $this->strung();
        $this->travelTo('2026-07-01 12:00:00');
        $job = $this->begun($set, ['reason' => 'season']);
        $this->record($job, $this->event('died', ['position' => 1, 'how' => 'broken', 'where' => 'saddle']), $this->event('died', ['position' => 6, 'how' => 'corroded']))
            ->assertOk();
        self::assertSame([1 => ['how' => 'broken', 'where' => 'saddle'], 6 => ['how' => 'corroded', 'where' => '']], self::progress($job)->died());
        self::assertLiraError($this->record($job, $this->event('died', ['position' => 1, 'how' => 'bored'])), 422, '/events/0/data/how', 'dull, corroded or broken');
        $this->doAll($job);
        $this->record($job, $this->event('finished', ['felt' => 'Even.', 'coated' => true]))->assertOk();

        $old = Fitting::query()->whereNotNull('removed_at')->orderBy('position')->get();
        self::assertSame(['broken', 'season', 'season', 'season', 'season', 'corroded'], $old->pluck('reason')->all());
        self::assertSame(['saddle', ''], [$old[0]?->broke_at, $old[1]?->broke_at]);
        self::assertSame(6, Fitting::query()->whereNull('removed_at')->where('coated', true)->count());
        $this->record($job, $this->event('reopened'))->assertOk();
        self::assertSame(['', ''], [$old[0]?->refresh()->reason, $old[0]?->broke_at]);
    }

    /** @param  list<float>  $ended  hours of strings one after the other, each dull in the end */
    private function history(array $ended, ?float $running = null): Instrument
    {
        $instrument = self::keptSet()->instrument;
        foreach ($ended as $index => $hours) {
            $month = $index + 1;
            self::fitted($instrument, "2026-0{$month}-01", '2026-0'.($month + 1).'-01');
            self::played($instrument, "2026-0{$month}-10", $hours);
        }
        if ($running !== null) {
            self::fitted($instrument, '2026-05-01', null);
            self::played($instrument, '2026-05-10', $running);
        }

        return $instrument;
    }

    /** @return list<array{label: string, coated: bool, part: string, ended: int, running: int, changes: int, counts_as: float, shape: float, alike: bool, usual_h: float, p10_h: float, p50_h: float, median_high_h: float, steps: list<array{share: float, of: int}>, curve: list<array{hours: float, low: float}>, costs: array<string, float>}> */
    private function lives(string $query): array
    {
        /** @var list<array{label: string, coated: bool, part: string, ended: int, running: int, changes: int, counts_as: float, shape: float, alike: bool, usual_h: float, p10_h: float, p50_h: float, median_high_h: float, steps: list<array{share: float, of: int}>, curve: list<array{hours: float, low: float}>, costs: array<string, float>}> $lives */
        $lives = $this->shown("/log/life{$query}", 'lives');

        return $lives;
    }

    /** @return list<array{suspicion: string, count: int, strings: list<list<int>>}> */
    private function map(Instrument $instrument): array
    {
        $broke = $this->getJson("/instruments/{$instrument->id}/log")->assertOk()->json('broke');

        /** @var list<array{suspicion: string, count: int, strings: list<list<int>>}> $views */
        $views = is_array($broke) ? array_values($broke) : [];

        return $views;
    }
}
