<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Views\FamilyLifeView;
use App\Log\Views\InstrumentLifeView;
use App\Log\Views\PlayView;
use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\JobReason;
use App\Models\Play;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Lira\Kind\Kind;
use Lira\Life\Due;
use Lira\Life\Exposure;
use Lira\Life\Family;
use Lira\Life\Life;

/**
 * How long strings last: hours since each was fitted, learned from those of the same family and owner. Where nothing was logged, the
 * hours a week that somebody said count.
 */
final readonly class StringsLife
{
    /** So many of the last fittings are learned from. */
    private const MOST = 600;

    private const SHOWN = 5;

    /** So far back the log tells how much is played now. */
    private const WEEKS = 8;

    private const WEEK_S = 604_800;

    private const ENDED = [JobReason::Dull->value, JobReason::Broken->value];

    /** @param  ?Carbon  $now  for whoever asks at another time */
    public function of(Instrument $instrument, ?Carbon $now = null): InstrumentLifeView
    {
        $now ??= Carbon::now();
        $kind = Kind::from($instrument->kind);
        $logged = $this->loggedAWeek($instrument, $now);
        $weekly = $instrument->hours_a_week ?? $logged;
        $on = self::withHours(Fitting::query()->where('fittings.instrument_id', $instrument->id)->whereNull('removed_at')->orderBy('position'));
        $families = [];
        foreach ($on->groupBy(static fn (Fitting $fitting): string => Family::of($fitting->type(), $kind)->value.' '.$fitting->fitted_at->toDateString()) as $alike) {
            $first = $alike->first();
            if ($first !== null) {
                $families[] = $this->family($instrument, $kind, $first, $alike, $weekly, $now);
            }
        }

        return new InstrumentLifeView($instrument->hours_a_week, $logged, $families, array_values(
            Play::query()->where('instrument_id', $instrument->id)->latest('played_on')->latest('id')->limit(self::SHOWN)->get()
                ->map(static fn (Play $play): PlayView => new PlayView(
                    $play->id, $play->played_on->toDateString(), $play->hours, $play->heat, $play->salt, $play->sweat,
                ))->all(),
        ));
    }

    /** @param  Collection<int, Fitting>  $alike */
    private function family(Instrument $instrument, Kind $kind, Fitting $first, Collection $alike, ?float $weekly, Carbon $now): FamilyLifeView
    {
        $family = Family::of($first->type(), $kind);
        $life = $this->life($family, $kind, $instrument);
        $played = self::hours($first, $instrument->hours_a_week, $now) ?? 0.0;
        $due = $weekly === null || $weekly <= 0.0 ? null : Due::of($life, $played, $weekly);
        $day = static fn (?float $weeks): ?string => $weeks === null ? null : $now->copy()->addDays((int) round(7 * min($weeks, 5200.0)))->toDateString();

        return new FamilyLifeView(
            $family->label(),
            array_values($alike->map(static fn (Fitting $each): int => $each->position)->all()),
            $first->fitted_at->toIso8601String(),
            $played,
            $life->medianH(),
            $life->lowH(),
            $life->highH(),
            $life->learnedFrom,
            $played / $life->medianH(),
            $day($due?->dueInWeeks),
            $day($due?->earliestInWeeks),
            $day($due?->latestInWeeks),
        );
    }

    /** Learned from what this owner's instruments had on; of nobody's from all that are nobody's. */
    private function life(Family $family, Kind $kind, Instrument $of): Life
    {
        $bass = $kind->isBass();
        $others = self::withHours(
            Fitting::query()->join('instruments', 'instruments.id', '=', 'fittings.instrument_id')->where('instruments.owner', $of->owner)
                ->latest('fitted_at')->limit(self::MOST),
            ['instruments.kind as instrument_kind', 'instruments.hours_a_week as weekly'],
        );
        [$ended, $running] = [[], []];
        foreach ($others as $fitting) {
            $on = Kind::from(self::text($fitting->getAttribute('instrument_kind')));
            $weekly = $fitting->getAttribute('weekly');
            $hours = $on->isBass() !== $bass || Family::of($fitting->type(), $on) !== $family ? null
                : self::hours($fitting, is_numeric($weekly) ? (float) $weekly : null, Carbon::now());
            if ($hours !== null && $hours > 0.0) {
                in_array($fitting->reason, self::ENDED, true) ? $ended[] = $hours : $running[] = $hours;
            }
        }

        return Life::of($family->usualMedianH(), $ended, $running);
    }

    /**
     * Fittings with what was logged while they were on.
     *
     * @param  Builder<Fitting>  $fittings
     * @param  list<string>  $columns  beside their own
     * @return Collection<int, Fitting>
     */
    private static function withHours(Builder $fittings, array $columns = []): Collection
    {
        $factor = Exposure::USUAL_FACTOR;
        $counted = "hours * (case when heat then {$factor} else 1 end) * (case when salt then {$factor} else 1 end) * (case when sweat then {$factor} else 1 end)";

        return $fittings->select(['fittings.*', ...$columns])->selectSub(
            Play::query()->selectRaw("sum({$counted})")->whereColumn('plays.instrument_id', 'fittings.instrument_id')
                ->whereRaw('plays.played_on >= date(fittings.fitted_at)')
                ->whereRaw('(fittings.removed_at is null or plays.played_on < date(fittings.removed_at))')->toBase(),
            'logged_h',
        )->get()->toBase();
    }

    /** Hours it has, as they count; null where nothing tells. */
    private static function hours(Fitting $fitting, ?float $weekly, Carbon $now): ?float
    {
        $logged = $fitting->getAttribute('logged_h');
        if (is_numeric($logged)) {
            return (float) $logged;
        }
        $until = $fitting->removed_at ?? $now;

        return $weekly === null ? null : $weekly * max(0, $until->getTimestamp() - $fitting->fitted_at->getTimestamp()) / self::WEEK_S;
    }

    /** Hours a week of the last weeks; null where nothing was logged in them. */
    private function loggedAWeek(Instrument $instrument, Carbon $now): ?float
    {
        $since = $now->copy()->subWeeks(self::WEEKS);
        $plays = Play::query()->where('instrument_id', $instrument->id)->where('played_on', '>', $since->toDateString());
        $first = $plays->clone()->min('played_on');
        if (! is_string($first)) {
            return null;
        }
        $weeks = max(1.0, Carbon::parse($first)->diffInDays($now) / 7);

        return (float) $plays->sum('hours') / $weeks;
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
