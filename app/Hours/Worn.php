<?php

declare(strict_types=1);

namespace App\Hours;

use App\Models\Fitting;
use App\Models\JobReason;
use App\Models\LogSettings;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Life\Exposure;

/**
 * Fittings with the hours they have, as these count: what was logged, by its kind, and for those still on what shows that are over put on
 * them. Where nothing was logged, the hours a week that somebody said count; where nobody said any, `hours` is null.
 */
final class Worn
{
    /** Reasons by which a string ended; all others changed it early. */
    public const ENDED = [JobReason::Dull->value, JobReason::Corroded->value, JobReason::Broken->value];

    /**
     * Those that came off and did hours: of each change of strings on an instrument, by kind of string and hours, how many ended and how
     * many there were.
     *
     * @param  ?string  $owner  whose; null for all of them
     */
    public static function off(?string $owner = null): Builder
    {
        $ended = "'".implode("', '", self::ENDED)."'";
        $each = DB::table('fittings as f')->join('instruments as i', 'i.id', '=', 'f.instrument_id')->whereNotNull('f.removed_at')
            ->when($owner !== null, static fn (Builder $query) => $query->where('i.owner', $owner))
            ->selectRaw("f.instrument_id, date(f.fitted_at) as day, i.owner, i.kind, f.construction, f.material, f.coated, f.gauge_nm, f.reason in ({$ended}) as has_ended,
                coalesce(".self::logged().', i.hours_a_week * (julianday(f.removed_at) - julianday(f.fitted_at)) / 7) as hours');

        return self::summed($each)->where('hours', '>', 0)->groupBy(['instrument_id', 'day', 'construction', 'material', 'coated', 'hours'])
            ->selectRaw('instrument_id, day, owner, kind, construction, material, coated, max(gauge_nm) as gauge_nm, hours, sum(has_ended) as ended, count(*) as strings');
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
        $exposure = self::exposure();
        $shows = 'select sum('.self::counted($exposure, 'p.hours', HoursOfStrings::KIND).") from plays p
            where p.show_id is not null and p.instrument_id = f.instrument_id and p.played_on >= date(f.fitted_at) and p.played_on < '{$now->copy()->addDay()->toDateString()}'";
        $ended = "'".implode("', '", self::ENDED)."'";

        return DB::table('fittings as f')->join('instruments as i', 'i.id', '=', 'f.instrument_id')->select(['f.*', 'i.owner', 'i.kind', 'i.place'])
            ->selectRaw('coalesce(nullif(coalesce('.self::logged($exposure).", 0) + case when f.removed_at is null then coalesce(({$shows}), 0) else 0 end, 0), {$weekly}) as hours")
            ->selectRaw("(f.removed_at is not null and f.reason in ({$ended})) as ended");
    }

    /** Hours that were logged while a string was on, as they count, without shows while it is on; null where none were. */
    public static function countedH(Fitting $fitting): ?float
    {
        $hours = DB::table('fittings as f')->where('f.id', $fitting->id)->selectRaw(self::logged().' as hours')->value('hours');

        return is_numeric($hours) ? (float) $hours : null;
    }

    /** In SQL, of the fitting `f`: what was logged of it, as it counts; by what this workshop says where nothing is given. */
    public static function logged(?Exposure $exposure = null): string
    {
        return '(select sum('.self::counted($exposure ?? self::exposure(), 'h.hours', 'h.exposure').') from fitting_hours h where h.fitting_id = f.id)';
    }

    /** In SQL: what hours of a kind count as, by what this workshop says an hour counts as. */
    private static function counted(Exposure $exposure, string $hours, string $kind): string
    {
        $cases = '';
        foreach ($exposure->factors() as $of => $factor) {
            $cases .= " when {$of} then ".var_export($factor, true);
        }

        return "{$hours} * (case {$kind}{$cases} end)";
    }

    private static function exposure(): Exposure
    {
        $said = LogSettings::here();

        return new Exposure($said->heat, $said->salt, $said->sweat);
    }
}
