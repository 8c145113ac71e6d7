<?php

declare(strict_types=1);

namespace Tests\Feature\Tuning;

use App\Models\NeckReading;
use Illuminate\Support\Facades\DB;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** What is read of a neck is kept with the strings it was read with. */
final class NeckReadingsTest extends FeatureTestCase
{
    private const FIRST = ['position' => 1, 'fret' => 1, 'open_hz' => 261.63, 'fretted_hz' => 277.6];

    public function test_readings_are_kept_in_their_order_and_forgotten_by_their_string(): void
    {
        $set = self::keptSet();
        $this->postJson("/sets/{$set->id}/neck-readings", self::FIRST)->assertCreated()->assertJsonPath('readings.0.fret', 1);
        $this->postJson("/sets/{$set->id}/neck-readings", ['position' => 4, 'fret' => 12, 'open_hz' => 116.54, 'fretted_hz' => 233.3])->assertCreated();
        $this->postJson("/sets/{$set->id}/neck-readings", self::FIRST)->assertCreated();
        self::assertSame([1, 4, 1], array_column((array) $this->getJson("/sets/{$set->id}/neck-readings")->assertOk()->json('readings'), 'position'));
        self::assertSame(277.6, $this->getJson("/sets/{$set->id}/neck-readings")->json('readings.0.fretted_hz'));
        $this->deleteJson("/sets/{$set->id}/neck-readings/1")->assertOk()->assertJsonCount(1, 'readings');
        self::assertSame(1, NeckReading::query()->count());
    }

    public function test_of_another_string_they_tell_nothing(): void
    {
        $set = self::keptSet();
        $this->postJson("/sets/{$set->id}/neck-readings", self::FIRST)->assertCreated();
        $this->putJson("/sets/{$set->id}", ['document' => Documents::with('/strings/0/gauge_in', 0.0115), 'revision' => $set->revision])->assertOk();
        self::assertSame([], $this->getJson("/sets/{$set->id}/neck-readings")->json('readings'));
        // Put back, it counts again.
        $this->putJson("/sets/{$set->id}", ['document' => Documents::harbour(), 'revision' => $set->refresh()->revision])->assertOk();
        self::assertCount(1, (array) $this->getJson("/sets/{$set->id}/neck-readings")->json('readings'));
    }

    public function test_what_cannot_be_one_is_refused_and_nothing_is_kept(): void
    {
        $set = self::keptSet();
        foreach ([
            [['position' => 9] + self::FIRST, '/position', 'no string 9'],
            [['fret' => 0] + self::FIRST, '/fret', '1 to 36'],
            [['fretted_hz' => 300] + self::FIRST, '/fretted_hz', 'which fret it was'],
            [['open_hz' => null] + self::FIRST, '/open_hz', 'Missing'],
            [['open_hz' => 'flat'] + self::FIRST, '/open_hz', 'number'],
        ] as [$body, $path, $words]) {
            self::assertLiraError($this->postJson("/sets/{$set->id}/neck-readings", $body), 422, $path, $words);
        }
        self::assertSame(0, NeckReading::query()->count());
    }

    public function test_they_go_with_their_set(): void
    {
        $set = self::keptSet();
        $this->postJson("/sets/{$set->id}/neck-readings", self::FIRST)->assertCreated();
        $set->forceDelete();
        self::assertSame(0, DB::table('neck_readings')->count());
    }
}
