<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Play;
use App\Models\StringSet;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Tests\Feature\Jobs\JobsTestCase;

/** The log over HTTP: strings that jobs put on, and hours that were played. */
abstract class LogTestCase extends JobsTestCase
{
    /** What a page is given under a name. */
    protected function shown(string $address, string $name): mixed
    {
        $shown = null;
        $this->get($address)->assertOk()->assertInertia(static function (AssertableInertia $page) use (&$shown, $name): void {
            $props = $page->toArray()['props'] ?? null;
            $shown = is_array($props) ? $props[$name] ?? null : null;
        });

        return $shown;
    }

    /**
     * The id that an answer gives.
     *
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     */
    protected static function idOf(TestResponse $answer): int
    {
        $id = $answer->assertCreated()->json('id');
        self::assertIsInt($id);

        return $id;
    }

    /** A set that a finished job has put on. */
    protected function strung(?StringSet $set = null, string $reason = 'dull', string $felt = ''): StringSet
    {
        $set ??= self::keptSet();
        $job = $this->begun($set, ['reason' => $reason]);
        $this->doAll($job);
        $this->record($job, $this->event('finished', ['felt' => $felt]))->assertOk();

        return $set;
    }

    /**
     * Strings that were on and came off, without the jobs round them.
     *
     * @param  array<string, mixed>  $columns
     */
    protected static function fitted(Instrument $instrument, string $from, ?string $to, array $columns = []): Fitting
    {
        return Fitting::query()->create($columns + [
            'instrument_id' => $instrument->id, 'position' => 1, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 254_000,
            'fitted_at' => Carbon::parse($from), 'removed_at' => $to === null ? null : Carbon::parse($to), 'reason' => $to === null ? '' : 'dull',
        ]);
    }

    protected static function played(Instrument $instrument, string $on, float $hours, bool $heat = false): Play
    {
        return Play::query()->create(['instrument_id' => $instrument->id, 'played_on' => $on, 'hours' => $hours, 'heat' => $heat]);
    }
}
