<?php

declare(strict_types=1);

namespace App\Hours;

use App\Models\Fitting;
use App\Models\Play;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Plain sums of the hours that were played on each string, by the kind of hours, so that a workshop of many years is read as fast as a new
 * one. What an hour counts as is not in them. Kept with every fitting and every time of playing that is saved; whoever changes many rows
 * at once says so here. Hours of shows are left out while a string is on: some of them are still to come.
 */
final class HoursOfStrings
{
    /** In SQL: the kind of the hours of the play `p`, as {@see \Lira\Life\Exposure::kind()} has it. */
    public const KIND = 'p.heat + 2 * p.salt + 4 * p.sweat';

    public function follow(): void
    {
        Fitting::saved(fn (Fitting $fitting) => $this->recount('f.id = ?', [$fitting->id]));
        Play::saved(function (Play $play): void {
            $was = $play->getOriginal('played_on');
            $this->ofDays([[$play->instrument_id, $play->played_on], ...($was instanceof Carbon ? [[$play->instrument_id, $was]] : [])]);
        });
        Play::deleted(fn (Play $play) => $this->ofDays([[$play->instrument_id, $play->played_on]]));
    }

    public function ofInstrument(int $instrument): void
    {
        $this->recount('f.instrument_id = ?', [$instrument]);
    }

    /**
     * Of many days at once.
     *
     * @param  list<array{int, Carbon}>  $days  ids of instruments, each with a day on which what was played has changed
     */
    public function ofDays(array $days): void
    {
        $between = [];
        foreach ($days as [$instrument, $day]) {
            $on = $day->toDateString();
            [$from, $to] = $between[$instrument] ?? [$on, $on];
            $between[$instrument] = [min($from, $on), max($to, $on)];
        }
        foreach ($between as $instrument => [$from, $to]) {
            $this->recount("f.instrument_id = ? and date(f.fitted_at) <= ? and coalesce(date(f.removed_at), '9999-12-31') > ?", [$instrument, $to, $from]);
        }
    }

    /** @param  list<int|string>  $bindings */
    private function recount(string $which, array $bindings): void
    {
        DB::delete("delete from fitting_hours where fitting_id in (select f.id from fittings f where {$which})", $bindings);
        DB::insert('insert into fitting_hours (fitting_id, exposure, hours)
            select f.id, '.self::KIND." as exposure, sum(p.hours) from fittings f
            join plays p on p.instrument_id = f.instrument_id and p.played_on >= date(f.fitted_at)
                and p.played_on < coalesce(date(f.removed_at), '9999-12-31') and (f.removed_at is not null or p.show_id is null)
            where {$which} group by f.id, exposure", $bindings);
    }
}
