<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\JobReason;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Fittings with the hours they have, as these count: they carry what was logged, and those still on get what shows that are over put on
 * them. Where nothing was logged, the hours a week that somebody said count; where nobody said any, `hours` is null.
 */
final class Worn
{
    /** Reasons by which a string ended; all others changed it early. */
    public const ENDED = [JobReason::Dull->value, JobReason::Corroded->value, JobReason::Broken->value];

    /** Those that came off and did hours, of each instrument by kind of string: how many ended, and the sum of the squares of their hours. */
    public static function offInSums(): Builder
    {
        $hours = 'coalesce(f.counted_h, i.hours_a_week * (julianday(f.removed_at) - julianday(f.fitted_at)) / 7)';
        $ended = "'".implode("', '", self::ENDED)."'";

        return DB::table('fittings as f')->join('instruments as i', 'i.id', '=', 'f.instrument_id')->whereNotNull('f.removed_at')
            ->whereRaw("{$hours} > 0")->groupBy(['f.instrument_id', 'f.construction', 'f.material', 'f.coated'])
            ->selectRaw("i.owner, i.kind, f.construction, f.material, f.coated, max(f.gauge_nm) as gauge_nm, sum(f.reason in ({$ended})) as ended, sum({$hours} * {$hours}) as squares");
    }

    /** To be summed: reckoned once for each string, however often a figure of it is asked for. */
    public static function summed(Builder $worn): Builder
    {
        return DB::query()->fromRaw("({$worn->toSql()} limit -1) as worn", $worn->getBindings());
    }

    /** With `fittings.*`, the instrument's `owner`, `kind` and `place`, `hours` and whether it `ended`. */
    public static function query(?Carbon $now = null): Builder
    {
        $now ??= Carbon::now();
        $weekly = "i.hours_a_week * (julianday(coalesce(f.removed_at, '{$now->toDateTimeString()}')) - julianday(f.fitted_at)) / 7";
        $shows = "select sum(p.hours * (case when p.heat then s.heat else 1 end) * (case when p.salt then s.salt else 1 end)
            * (case when p.sweat then s.sweat else 1 end)) from plays p, log_settings s
            where p.show_id is not null and p.instrument_id = f.instrument_id and p.played_on >= date(f.fitted_at) and p.played_on < '{$now->copy()->addDay()->toDateString()}'";
        $ended = "'".implode("', '", self::ENDED)."'";

        return DB::table('fittings as f')->join('instruments as i', 'i.id', '=', 'f.instrument_id')->select(['f.*', 'i.owner', 'i.kind', 'i.place'])
            ->selectRaw("coalesce(nullif(coalesce(f.counted_h, 0) + case when f.removed_at is null then coalesce(({$shows}), 0) else 0 end, 0), {$weekly}) as hours")
            ->selectRaw("(f.removed_at is not null and f.reason in ({$ended})) as ended");
    }
}
