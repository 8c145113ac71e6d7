<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\CareEntry;
use App\Models\Intonation;
use App\Models\Photograph;

/** An instrument through time, and the last sets on it as the Bench looks back at them. */
final class TimeLineTest extends LogTestCase
{
    public function test_sets_hours_heights_care_saddles_shows_and_photographs_stand_on_one_line(): void
    {
        $this->travelTo('2026-01-05 12:00:00');
        $set = $this->strung(felt: 'A little stiff.');
        $this->travelTo('2026-03-02 12:00:00');
        $job = $this->begun($set, ['reason' => 'dull']);
        $this->record($job, $this->event('measured', ['when' => 'before', 'action_12_mm' => 1.9, 'relief_mm' => 0.2]), $this->event('noted', ['text' => 'Slot 3 squeaks.']))->assertOk();
        $this->doAll($job);
        $this->record($job, $this->event('finished', ['felt' => 'Right.']))->assertOk();
        $instrument = $set->instrument;
        self::played($instrument, '2026-01-07', 2.0);
        self::played($instrument, '2026-01-09', 1.0);
        self::played($instrument, '2026-03-03', 1.5);
        CareEntry::query()->create(['instrument_id' => $instrument->id, 'rule' => 'relief', 'what' => 'Measure relief and action', 'done' => true, 'happened_on' => '2026-02-01']);
        Intonation::query()->create([
            'instrument_id' => $instrument->id, 'set_id' => $set->id, 'set_name' => $set->name, 'created_at' => '2026-02-03',
            'strings' => [['position' => 6, 'pitch' => 'E2', 'setback_mm' => 3.0, 'moved_mm' => 1.2, 'found_cents' => 5.0, 'left_cents' => 0.2]],
        ]);
        foreach (['before', 'after'] as $moment) {
            Photograph::query()->create(['instrument_id' => $instrument->id, 'job_id' => $job->id, 'moment' => $moment, 'file' => $moment, 'caption' => 'Bridge', 'width' => 4, 'height' => 3]);
        }
        $this->travelTo('2026-03-04 12:00:00');
        $this->postJson('/log/shows', ['name' => 'Regatta', 'place' => 'Pier', 'on' => '2026-03-03', 'at' => '20:00', 'hours' => 2, 'instruments' => [$instrument->id], 'zone' => 'UTC'])->assertCreated();

        $line = $this->getJson("/instruments/{$instrument->id}/log")->assertOk();
        self::assertSame(['A little stiff.', 'Right.'], array_column((array) $line->json('periods'), 'felt'));
        self::assertSame(['dull', ''], array_column((array) $line->json('periods'), 'reason'));
        self::assertEqualsWithDelta([3.0, 3.5], array_column((array) $line->json('periods'), 'hours'), 1e-9);
        self::assertGreaterThan(300, $line->json('periods.0.pull_n'));
        self::assertSame([['week' => '2026-01-05', 'hours' => 3], ['week' => '2026-03-02', 'hours' => 3.5]], $line->json('weeks'));
        self::assertSame([['on' => '2026-03-02', 'moment' => 'before', 'action_mm' => 1.9, 'relief_mm' => 0.2]], $line->json('measured'));
        self::assertSame(['show', 'note', 'saddles', 'care'], array_column((array) $line->json('happened'), 'what'));
        self::assertSame('Saddles moved: string 6 by 1.2 mm back', $line->json('happened.2.words'));
        self::assertSame(['before', 'after'], array_column((array) $line->json('photographs'), 'moment'));
    }

    public function test_an_instrument_of_which_nothing_is_known_has_an_empty_line(): void
    {
        $instrument = self::keptSet()->instrument;
        $line = $this->getJson("/instruments/{$instrument->id}/log")->assertOk()->json();

        self::assertSame(['periods' => [], 'weeks' => [], 'measured' => [], 'happened' => [], 'broke' => [], 'photographs' => [], 'strings' => 6], $line);
        $this->getJson("/instruments/{$instrument->id}/earlier")->assertOk()->assertExactJson([]);
    }

    public function test_the_last_three_sets_tell_how_they_felt_and_what_they_pulled(): void
    {
        $set = self::keptSet();
        foreach (['2026-01-05' => 'First.', '2026-02-05' => 'Stiff.', '2026-03-05' => 'Loose.', '2026-04-05' => 'Right.'] as $day => $felt) {
            $this->travelTo("{$day} 12:00:00");
            $this->strung($set, felt: $felt);
        }
        self::played($set->instrument, '2026-03-10', 7.0);
        $earlier = $this->getJson("/instruments/{$set->instrument_id}/earlier")->assertOk();
        self::assertSame(['Right.', 'Loose.', 'Stiff.'], array_column((array) $earlier->json(), 'felt'));
        self::assertSame([null, 7], [$earlier->json('0.hours'), $earlier->json('1.hours')]);
        self::assertCount(6, (array) $earlier->json('0.tensions_n'));
        self::assertEqualsWithDelta($earlier->json('0.pull_n'), array_sum((array) $earlier->json('0.tensions_n')), 1e-9);
        self::assertSame($set->name, $earlier->json('0.baseline.name'));
    }
}
