<?php

declare(strict_types=1);

namespace App\Log;

use App\Hours\Playing;
use App\Hours\Worn;
use App\Log\Views\FamilyLifeView;
use App\Log\Views\InstrumentLifeView;
use App\Log\Views\PlayView;
use App\Models\Instrument;
use App\Models\Play;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Lira\Kind\Kind;
use Lira\Life\Due;

/**
 * How far the strings that are on are through their life: hours since each was fitted, learned from those of the same family and owner.
 * Where nothing was logged, the hours a week that somebody said count.
 *
 * @phpstan-type On object{instrument_id: int, position: int, construction: string, material: string, gauge_nm: int, coated: int, fitted_at: string, kind: string, owner: string, hours: ?float, weekly: ?float, name: string}&\stdClass
 */
final readonly class StringsLife
{
    private const SHOWN = 5;

    /** Beyond two years nobody says a day. */
    private const MOST_WEEKS = 104.0;

    public function __construct(private Playing $playing) {}

    /** @param  ?Carbon  $now  for whoever asks at another time */
    public function of(Instrument $instrument, ?Carbon $now = null): InstrumentLifeView
    {
        $now ??= Carbon::now();
        $logged = $this->playing->aWeek([$instrument->id], $now)[$instrument->id] ?? null;
        $families = $this->families(
            self::on(Worn::query($now)->where('f.instrument_id', $instrument->id)),
            LearnedLives::of($instrument->owner, $now),
            $logged === null ? [] : [$instrument->id => $logged],
            $now,
        );

        return new InstrumentLifeView($instrument->hours_a_week, $logged, array_map(static fn (StringsOn $on): FamilyLifeView => $on->view(), $families), array_values(
            Play::query()->where('instrument_id', $instrument->id)->where('hours', '>', 0)->where('played_on', '<', $now->copy()->addDay()->toDateString())
                ->latest('played_on')->latest('id')->limit(self::SHOWN)->get()
                ->map(static fn (Play $play): PlayView => new PlayView(
                    $play->id, $play->played_on->toDateString(), $play->hours, $play->heat, $play->salt, $play->sweat,
                ))->all(),
        ), $instrument->place);
    }

    /** @return list<StringsOn> what is on every instrument of this workshop, the lowest id first */
    public function all(?Carbon $now = null): array
    {
        $now ??= Carbon::now();

        $on = self::on(Worn::query($now));

        return $this->families($on->whereNull('archived_at'), LearnedLives::from($on, null), $this->playing->aWeek(null, $now), $now);
    }

    /** @return Collection<int, \stdClass> */
    private static function on(Builder $worn): Collection
    {
        return $worn->whereNull('f.removed_at')->addSelect(['i.hours_a_week as weekly', 'i.name as name', 'i.archived_at'])->orderBy('f.instrument_id')->orderBy('f.position')->get();
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @param  array<int, float>  $logged  hours a week by instrument
     * @return list<StringsOn>
     */
    private function families(Collection $rows, LearnedLives $lives, array $logged, Carbon $now): array
    {
        $alike = [];
        foreach ($rows as $row) {
            /** @var On $row */
            $family = LearnedLives::family($row->construction, $row->material, $row->gauge_nm, Kind::from($row->kind));
            $alike[implode(' ', [$row->instrument_id, $family->value, $row->coated, substr($row->fitted_at, 0, 10)])][] = [$row, $family];
        }
        $families = [];
        foreach ($alike as $together) {
            [$first, $family] = $together[0];
            $change = LearnedLives::change($first->instrument_id, $first->fitted_at);
            $life = $lives->life($first->owner, $family, (bool) $first->coated, Kind::from($first->kind)->isBass(), $change);
            $weekly = $first->weekly ?? $logged[$first->instrument_id] ?? null;
            $played = $first->hours ?? 0.0;
            $due = $weekly === null || $weekly <= 0.0 ? null : Due::of($life, $played, $weekly);
            $day = static fn (?float $weeks): ?Carbon => $weeks === null || $weeks > self::MOST_WEEKS ? null : $now->copy()->addDays((int) round(7 * $weeks));
            $families[] = new StringsOn(
                $first->instrument_id, $first->name, $first->owner, $family, (bool) $first->coated,
                array_map(static fn (array $each): int => $each[0]->position, $together),
                Carbon::parse($first->fitted_at), $played, $life, $weekly, $day($due?->dueInWeeks), $day($due?->earliestInWeeks), $day($due?->latestInWeeks),
                $due !== null && $due->dueInWeeks > self::MOST_WEEKS ? $now->copy()->addWeeks((int) self::MOST_WEEKS)->year : null,
            );
        }

        return $families;
    }
}
