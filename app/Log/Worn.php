<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\JobReason;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Fittings with the hours they have, as these count: those that came off carry theirs, those still on are counted. Where nothing was logged,
 * the hours a week that somebody said count; where nobody said any, `hours` is null.
 */
final class Worn
{
    /** Reasons by which a string ended; all others changed it early. */
    public const ENDED = [JobReason::Dull->value, JobReason::Corroded->value, JobReason::Broken->value];

    /** With `fittings.*`, the instrument's `owner`, `kind` and `place`, `hours` and whether it `ended`. */
    public static function query(?Carbon $now = null): Builder
    {
        $now ??= Carbon::now();
        $weekly = "i.hours_a_week * (julianday(coalesce(f.removed_at, '{$now->toDateTimeString()}')) - julianday(f.fitted_at)) / 7";
        $logged = "select sum(p.hours * (case when p.heat then s.heat else 1 end) * (case when p.salt then s.salt else 1 end)
            * (case when p.sweat then s.sweat else 1 end)) from plays p, log_settings s
            where p.instrument_id = f.instrument_id and p.played_on >= date(f.fitted_at) and p.played_on < '{$now->copy()->addDay()->toDateString()}'";
        $ended = "'".implode("', '", self::ENDED)."'";

        return DB::table('fittings as f')->join('instruments as i', 'i.id', '=', 'f.instrument_id')->select(['f.*', 'i.owner', 'i.kind', 'i.place'])
            ->selectRaw("coalesce(case when f.removed_at is null then ({$logged}) else f.counted_h end, {$weekly}) as hours")
            ->selectRaw("(f.removed_at is not null and f.reason in ({$ended})) as ended");
    }
}
