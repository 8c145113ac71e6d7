<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\CareEntry;
use App\Models\Instrument;
use App\Models\OwnCareRule;
use App\Models\Show;
use Inertia\Testing\AssertableInertia;
use Lira\Life\Life;
use Smalot\PdfParser\Parser;

/** What is due: strings, before shows, care, promised jobs; seen to, put off, printed. */
final class DueTest extends LogTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-01 12:00:00');
    }

    public function test_strings_are_due_by_their_hours_and_before_a_show_when_one_in_five_would_have_gone_and_two_days_early(): void
    {
        $set = $this->strung();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 6])->assertOk();
        $this->travelTo('2026-06-29 12:00:00');
        // 24 hours are on them.
        $life = Life::of(40.0, []);
        $due = now()->addDays((int) round(7 * ($life->quantileH(0.5) - 24) / 6))->toDateString();
        $strings = $this->due(26, 'strings');
        self::assertSame([$due], array_column($strings, 'on'));
        self::assertStringContainsString('24 h; half are gone by about 40 h', $strings[0]['why']);
        self::assertStringContainsString('as long as such strings usually last', $strings[0]['why']);

        // One in five is gone by 21.5 hours, and 24 are on them: the day after tomorrow is late enough, but for the days they settle.
        self::assertLessThan(24.0, $life->quantileH(0.2));
        $on = now()->addDays(3);
        self::assertLessThan($due, $on->toDateString());
        $this->postJson('/log/shows', ['name' => 'Regatta', 'place' => '', 'on' => $on->toDateString(), 'at' => '20:00', 'hours' => 2, 'instruments' => [$set->instrument_id], 'zone' => 'UTC'])->assertCreated();
        self::assertSame([], $this->due(26, 'strings'));
        $show = $this->due(26, 'show')[0];
        self::assertSame($on->subDays(2)->toDateString(), $show['on']);
        self::assertSame('Fit new strings before Regatta', $show['do']);

        // An early show is no reason, nor is one by whose end fewer than one in five have gone.
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 4])->assertOk();
        self::assertSame([], $this->due(26, 'show'));
        // Its own hours count, as hot as it is: 16 and 3/7 of 4 hours, and 2 in heat and sweat.
        $this->postJson('/log/shows', ['name' => 'Late', 'place' => '', 'on' => $on->toDateString(), 'at' => '19:00', 'hours' => 2, 'heat' => true, 'sweat' => true, 'instruments' => [$set->instrument_id], 'zone' => 'UTC'])->assertCreated();
        self::assertSame(['Fit new strings before Late'], array_column($this->due(26, 'show'), 'do'));
        // Whoever would rather be surer says so: one in ten has gone by 14 hours.
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 3.3])->assertOk();
        $this->deleteJson('/log/shows/'.Show::query()->where('name', 'Late')->sole()->id)->assertOk();
        self::assertSame([], $this->due(26, 'show'));
        $this->putJson('/workshop/hours', ['heat' => 1.5, 'salt' => 1.5, 'sweat' => 1.5, 'before_show' => 10, 'zone' => 'UTC'])->assertOk();
        self::assertSame(['Fit new strings before Regatta'], array_column($this->due(26, 'show'), 'do'));
        self::assertStringContainsString('by its end one in ten of such strings has gone', $this->due(26, 'show')[0]['why']);
        self::assertLiraError($this->putJson('/workshop/hours', ['heat' => 1.5, 'salt' => 1.5, 'sweat' => 1.5, 'before_show' => 7, 'zone' => 'UTC']), 422, '/before_show', 'one in 10');
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 0.5])->assertOk();
        self::assertSame([], $this->due(26, 'show'));
    }

    public function test_of_two_shows_on_an_instrument_the_next_one_counts_and_one_that_was_called_off_does_not(): void
    {
        $set = $this->strung();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 6])->assertOk();
        $this->travelTo('2026-06-29 12:00:00');
        $life = Life::of(40.0, []);
        self::assertLessThan(24.0, $life->quantileH(0.2));
        $near = now()->addDays(3);
        $shows = [];
        foreach (['Later' => 2, 'Sooner' => 0, 'Between' => 1] as $name => $days) {
            $shows[$name] = self::idOf($this->postJson('/log/shows', [
                'name' => $name, 'place' => '', 'on' => $near->copy()->addDays($days)->toDateString(), 'at' => '20:00', 'hours' => 2, 'instruments' => [$set->instrument_id], 'zone' => 'UTC',
            ]));
        }
        self::assertSame(['Fit new strings before Sooner'], array_column($this->due(26, 'show'), 'do'));
        $this->deleteJson("/log/shows/{$shows['Sooner']}")->assertOk();
        self::assertSame(['Fit new strings before Between'], array_column($this->due(26, 'show'), 'do'));
    }

    public function test_what_is_promised_is_due_on_its_day_and_an_open_job_is_led_to(): void
    {
        $set = $this->strung();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 20])->assertOk();
        $this->travelTo('2026-08-01 12:00:00');
        $job = $this->begun($set, ['promised_on' => '2026-08-04', 'bench' => 'Window']);
        $promised = $this->due(1, 'job')[0];
        self::assertSame(['2026-08-04', $job->id, 'Window'], [$promised['on'], $promised['job'], $promised['bench']]);
        $strings = $this->due(1, 'strings')[0];
        self::assertSame(['2026-08-01', $job->id], [$strings['on'], $strings['job']]);
    }

    public function test_care_is_due_by_its_rules_seen_to_with_a_way_back_and_put_off_with_a_reason(): void
    {
        $instrument = self::keptSet()->instrument;
        $this->travelTo('2026-12-01 12:00:00');
        self::assertSame('2026-11-30', $this->care('relief')['on'] ?? null);
        $url = "/instruments/{$instrument->id}/care";
        $entry = self::idOf($this->postJson($url, ['rule' => 'relief']));
        self::assertNull($this->care('relief'));
        self::assertSame('2027-06-01', $this->care('relief', 26)['on'] ?? null);
        $this->deleteJson("{$url}/{$entry}")->assertOk();
        self::assertSame('2026-11-30', $this->care('relief')['on'] ?? null);

        $this->postJson($url, ['rule' => 'relief', 'until' => '2026-12-05', 'note' => 'Away on tour.'])->assertCreated();
        $off = $this->care('relief') ?? [];
        self::assertSame(['2026-12-05', '2026-12-05', 'Away on tour.'], [$off['on'], $off['put_off'], $off['put_off_why']]);
        $this->postJson($url, ['rule' => 'relief'])->assertCreated();
        self::assertSame('2027-06-01', $this->care('relief', 26)['on'] ?? null);
        self::assertLiraError($this->postJson($url, ['rule' => 'relief', 'until' => '2026-12-09']), 422, '/note', 'Say why');
        self::assertLiraError($this->postJson($url, ['rule' => 'relief', 'until' => '2026-12-01', 'note' => 'x']), 422, '/until', 'a day to come');
        self::assertLiraError($this->postJson($url, ['rule' => 'relief', 'until' => '2026-12-06', 'note' => str_repeat('é', 401)]), 422, '/note', '400 characters');
        self::assertLiraError($this->postJson($url, ['rule' => 'dust']), 422, '/rule', 'no such rule');
        self::assertLiraError($this->postJson($url, ['rule' => 'strings']), 422, '/rule', 'begin one');
        self::assertSame(2, CareEntry::query()->count());
        $this->postJson($url, ['rule' => 'relief', 'until' => '2026-12-05', 'note' => str_repeat('é', 400)])->assertCreated();
    }

    public function test_strings_are_put_off_until_the_next_are_on(): void
    {
        $set = $this->strung();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 20])->assertOk();
        $this->travelTo('2026-08-01 12:00:00');
        $this->postJson("/instruments/{$set->instrument_id}/care", ['rule' => 'strings', 'until' => '2026-08-06', 'note' => 'After the tour.'])->assertCreated();
        self::assertSame('2026-08-06', $this->due(1, 'strings')[0]['on']);
        $this->travelTo('2026-08-02 12:00:00');
        $this->strung($set);
        self::assertNull($this->due(26, 'strings')[0]['put_off']);
    }

    public function test_own_rules_and_the_place_of_an_instrument_decide_what_it_wants(): void
    {
        $instrument = self::keptSet()->instrument;
        $this->travelTo('2026-09-01 12:00:00');
        self::assertSame([], $this->careDays('salt'));
        $this->putJson("/instruments/{$instrument->id}/place", ['place' => 'sea'])->assertOk();
        self::assertSame(['2026-06-29'], $this->careDays('salt'));
        self::assertLiraError($this->putJson("/instruments/{$instrument->id}/place", ['place' => 'moon']), 422, '/place', 'room, sea or stage');
        self::assertSame(1, Instrument::query()->whereKey($instrument->id)->value('revision'));

        $rule = ['name' => 'Dust the case', 'reason' => '', 'every_weeks' => 4, 'days' => [], 'kinds' => [], 'fingerboard' => null, 'place' => 'sea', 'owner' => ''];
        $id = self::idOf($this->postJson('/workshop/care/rules', $rule));
        self::assertSame('Dust the case', $this->care("own-{$id}")['do'] ?? null);
        $this->get('/workshop/care')->assertInertia(static fn (AssertableInertia $page) => $page->component('workshop/CarePage')->has('shipped', 10)->where('own.0.rhythm', 'every 4 weeks')->where('own.0.place', 'by the sea'));
        $this->deleteJson("/workshop/care/rules/{$id}")->assertOk();
        self::assertNull($this->care("own-{$id}"));
        $this->postJson("/workshop/care/rules/{$id}/unarchive")->assertOk();
        self::assertNotNull($this->care("own-{$id}"));
        self::assertLiraError($this->postJson('/workshop/care/rules', ['days' => ['02-30'], 'every_weeks' => null] + $rule), 422, '/days/0', 'every year has');
        self::assertLiraError($this->postJson('/workshop/care/rules', ['every_weeks' => null, 'name' => ''] + $rule), 422, '/name', 'what is to be done');
        self::assertSame(1, OwnCareRule::query()->count());
    }

    public function test_the_week_is_printed_for_all_benches_or_one(): void
    {
        $set = $this->strung();
        $this->travelTo('2026-12-01 12:00:00');
        $this->begun($set, ['promised_on' => '2026-12-03', 'bench' => 'Window']);
        $all = (new Parser)->parseContent((string) $this->get('/log/week')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->getText();
        self::assertStringContainsString('What is due this week', $all);
        self::assertStringContainsString('Thursday, 3 December', $all);
        self::assertStringContainsString('Measure relief and action', $all);
        $one = (new Parser)->parseContent((string) $this->get('/log/week?bench=Door')->getContent())->getText();
        self::assertStringContainsString('Nothing is due.', $one);
        $theirs = (new Parser)->parseContent((string) $this->get('/log/week?owner=Wren')->getContent())->getText();
        self::assertStringContainsString('for Wren', $theirs);
        self::assertStringContainsString('Nothing is due.', $theirs);
        $monthFirst = (new Parser)->parseContent((string) $this->withUnencryptedCookie('lira_dates', 'month+12h')->get('/log/week')->getContent())->getText();
        self::assertStringContainsString('Thursday, December 3', $monthFirst);
        self::assertStringContainsString('Dec 1, 2026 to Dec 8, 2026', $monthFirst);
    }

    /** @return list<array{on: string, what: string, why: string, do: string, bench: string, job: ?int, put_off: ?string, put_off_why: string, rule: string}> */
    private function due(int $weeks, string $what): array
    {
        /** @var list<array{on: string, what: string, why: string, do: string, bench: string, job: ?int, put_off: ?string, put_off_why: string, rule: string}> $due */
        $due = $this->shown("/log?weeks={$weeks}", 'due');

        return array_values(array_filter($due, static fn (array $each): bool => $each['what'] === $what));
    }

    /** @return list<string> */
    private function careDays(string $rule): array
    {
        $of = $this->care($rule);

        return $of === null ? [] : [$of['on']];
    }

    /** @return array{on: string, do: string, put_off: ?string, put_off_why: string}|null */
    private function care(string $rule, int $weeks = 1): ?array
    {
        $of = array_values(array_filter($this->due($weeks, 'care'), static fn (array $each): bool => $each['rule'] === $rule));

        return $of[0] ?? null;
    }
}
