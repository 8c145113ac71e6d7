<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Play;
use App\Models\StringSet;
use Illuminate\Support\Carbon;
use Tests\Feature\Jobs\JobsTestCase;

/** The log over HTTP: strings that jobs put on, and hours that were played. */
abstract class LogTestCase extends JobsTestCase
{
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
