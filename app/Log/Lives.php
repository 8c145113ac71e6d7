<?php

declare(strict_types=1);

namespace App\Log;

use App\Hours\Worn;
use App\Log\Views\BrokeView;
use App\Log\Views\CurveView;
use App\Log\Views\HoldsView;
use App\Log\Views\LivesView;
use App\Log\Views\StepView;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Kind\Kind;
use Lira\Life\BreakPlace;
use Lira\Life\Family;
use Lira\Life\Life;
use Lira\Life\Survival;
use Lira\Life\Together;

/** What is learned of how long strings last, of where they break, of what an hour costs, of how soon a make holds. Never from one alone. */
final readonly class Lives
{
    private const POINTS = 30;

    /** Of fewer that ended it cannot be told whether they wear alike. */
    private const ENOUGH = 5;

    /** Of a curve that only so much of it changes, no step is drawn. */
    private const SEEN = 0.004;

    /** Fewer teach nothing. */
    private const LEAST = 2;

    /**
     * @param  ?string  $owner  null for all; empty for what is nobody's
     * @param  ?string  $place  null for all
     * @return list<LivesView> by family, and by what they are parted by; the one with most strings first
     */
    public function of(?string $owner = null, ?string $place = null, ?Part $part = null, ?Carbon $now = null): array
    {
        $query = self::narrowed(Worn::query($now), $owner, $place)->selectRaw('date(f.fitted_at) as day')->selectRaw(($part?->column() ?? "''").' as part');
        if ($part === Part::Make) {
            $query->leftJoin('lots as l', 'l.id', '=', 'f.lot_id')->leftJoin('list_strings as ls', 'ls.id', '=', 'l.list_string_id')->leftJoin('suppliers as su', 'su.id', '=', 'ls.supplier_id');
        }
        $rows = Worn::summed($query)->where('hours', '>', 0)
            ->select(['instrument_id', 'day', 'part', 'kind', 'construction', 'material', 'coated', 'ended', 'gauge_nm', 'hours'])->get();
        [$changes, $of] = [[], []];
        foreach ($rows as $row) {
            /** @var object{instrument_id: int, day: string, part: ?string, kind: string, construction: string, material: string, coated: int, ended: int, gauge_nm: int, hours: float}&\stdClass $row */
            $family = LearnedLives::family($row->construction, $row->material, $row->gauge_nm, Kind::from($row->kind));
            $key = implode(' ', [$family->value, $row->coated, $row->part]);
            $of[$key] ??= [$family, (bool) $row->coated, $row->part ?? ''];
            $changes[$key][LearnedLives::change($row->instrument_id, $row->day)][] = [
                'hours' => $row->hours, 'ended' => $row->ended, 'running' => 1 - $row->ended,
            ];
        }
        $costs = $this->costs($owner, $place, $now);
        $views = [];
        foreach ($of as $key => [$family, $coated, $named]) {
            $views[] = self::view(
                $family, $coated, $part === null ? '' : $part->named($named), array_map(static fn (array $strings): Together => new Together($strings), array_values($changes[$key])),
                $part === null ? $costs[$family->value.' '.(int) $coated] ?? [] : [],
            );
        }
        usort($views, static fn (LivesView $one, LivesView $other): int => $other->ended + $other->running <=> $one->ended + $one->running);

        return $views;
    }

    /**
     * @param  list<Together>  $groups
     * @param  array<string, array{cents: float, strings: int}>  $costs  an hour, by currency
     */
    private static function view(Family $family, bool $coated, string $part, array $groups, array $costs): LivesView
    {
        $usual = $family->usualMedianH($coated);
        $life = Life::of($usual, $groups);
        [$ended, $running] = [[], []];
        foreach ($groups as $group) {
            foreach ($group->strings as $string) {
                array_push($ended, ...array_fill(0, $string['ended'], $string['hours']));
                array_push($running, ...array_fill(0, $string['running'], $string['hours']));
            }
        }
        $survival = Survival::of($ended, $running);
        $most = max([1.1 * $life->quantileH(0.9), ...$ended, ...$running]);
        $curve = array_map(static function (int $point) use ($life, $most): CurveView {
            $hours = $most * $point / self::POINTS;
            $share = $life->survival($hours);

            return new CurveView($hours, $share->estimate, $share->low, $share->high);
        }, range(0, self::POINTS));
        [$steps, $drawn] = [[], 1.0];
        foreach ($survival->steps as $index => ['hours' => $hours, 'share' => $share, 'of' => $of]) {
            if ($drawn - $share >= self::SEEN || $index === count($survival->steps) - 1) {
                $steps[] = new StepView($hours, $share, $of);
                $drawn = $share;
            }
        }
        [$few, $fifth, $half, $nine] = array_map($life->quantileH(...), [0.1, 0.2, 0.5, 0.9]);
        $median = $life->medianH();

        return new LivesView(
            $family->label(), $coated, $part, $survival->ended, $survival->running, $life->changes, $life->countsAs, $life->shape(), $usual,
            $few, $fifth, $half, $nine, $median->low, $median->high, self::wearAlike($survival, $curve), $steps, $curve,
            array_map(static fn (array $cost): float => $cost['cents'], array_filter($costs, static fn (array $cost): bool => $cost['strings'] >= self::LEAST)),
        );
    }

    /**
     * Whether what was seen stays within the band over two thirds of its length and more. Where it does not, strings of more than one way
     * of wearing are thrown together.
     *
     * @param  list<CurveView>  $curve
     */
    private static function wearAlike(Survival $survival, array $curve): bool
    {
        $last = $survival->steps === [] ? 0.0 : $survival->steps[count($survival->steps) - 1]['hours'];
        // Until the first of them ends, all that is seen is that fewer than one has.
        $one = 1 / max(1, $survival->ended + $survival->running);
        [$within, $all] = [0, 0];
        foreach ($curve as $point) {
            if ($point->hours > 0.0 && $point->hours <= $last) {
                $share = $survival->at($point->hours);
                $all++;
                $within += $share >= $point->low && $share <= $point->high + ($share < 1.0 ? 0.0 : $one) ? 1 : 0;
            }
        }

        return $survival->ended < self::ENOUGH || 3 * $within >= 2 * $all;
    }

    /**
     * What an hour of playing costs of each family, per string: what strings cost that came off, by the hours they did.
     *
     * @return array<string, array<string, array{cents: float, strings: int}>> by family and coating, then by currency
     */
    private function costs(?string $owner, ?string $place, ?Carbon $now): array
    {
        $worn = self::narrowed(Worn::query($now)->whereNotNull('f.removed_at'), $owner, $place)
            ->join('lots as l', 'l.id', '=', 'f.lot_id')->join('list_strings as ls', 'ls.id', '=', 'l.list_string_id')->join('suppliers as su', 'su.id', '=', 'ls.supplier_id')
            ->whereNotNull('l.cents')->addSelect(['l.cents', 'su.currency']);
        $rows = Worn::summed($worn)->where('hours', '>', 0)->groupBy(['kind', 'construction', 'material', 'coated', 'currency'])
            ->selectRaw('kind, construction, material, coated, currency, max(gauge_nm) as gauge_nm, sum(cents) as cents, sum(hours) as hours, count(*) as count')->get();
        $sums = [];
        foreach ($rows as $row) {
            /** @var object{kind: string, construction: string, material: string, coated: int, currency: string, gauge_nm: int, cents: int, hours: float, count: int}&\stdClass $row */
            $key = LearnedLives::family($row->construction, $row->material, $row->gauge_nm, Kind::from($row->kind))->value.' '.$row->coated;
            $sum = $sums[$key][$row->currency] ?? ['cents' => 0.0, 'hours' => 0.0, 'strings' => 0];
            $sums[$key][$row->currency] = ['cents' => $sum['cents'] + $row->cents, 'hours' => $sum['hours'] + $row->hours, 'strings' => $sum['strings'] + $row->count];
        }

        return array_map(static fn (array $of): array => array_map(
            static fn (array $sum): array => ['cents' => $sum['cents'] / $sum['hours'], 'strings' => $sum['strings']], $of,
        ), $sums);
    }

    /** @return list<BrokeView> where strings broke, most first */
    public function broke(?int $instrument = null, ?string $owner = null, ?string $place = null): array
    {
        $query = DB::table('fittings as f')->join('instruments as i', 'i.id', '=', 'f.instrument_id')->where('f.reason', 'broken')->where('f.broke_at', '!=', '');
        if ($instrument !== null) {
            $query->where('f.instrument_id', $instrument);
        }
        $rows = self::narrowed($query, $owner, $place)->groupBy(['f.broke_at', 'f.position'])->selectRaw('f.broke_at as place, f.position, count(*) as count')->get();
        $places = [];
        foreach ($rows as $row) {
            /** @var object{place: string, position: int, count: int}&\stdClass $row */
            $places[$row->place][$row->position] = $row->count;
        }
        $views = [];
        foreach ($places as $at => $counts) {
            $place = BreakPlace::tryFrom($at);
            if ($place !== null) {
                ksort($counts);
                $all = array_sum($counts);
                $views[] = new BrokeView(
                    $place->value, $place->label(), array_map(static fn (int $position, int $count): array => [$position, $count], array_keys($counts), array_values($counts)), $all,
                    // Of many instruments together nothing is to be suspected of one.
                    $instrument !== null && $all >= BreakPlace::SUSPECT_FROM ? $place->suspicion() : '',
                );
            }
        }
        usort($views, static fn (BrokeView $one, BrokeView $other): int => $other->count <=> $one->count);

        return $views;
    }

    /** @return list<HoldsView> rounds and hours until strings held, by make */
    public function holds(?string $owner = null, ?string $place = null): array
    {
        $jobs = self::narrowed(
            DB::table('jobs as j')->join('instruments as i', 'i.id', '=', 'j.instrument_id')
                ->join('fittings as f', 'f.job_id', '=', 'j.id')->join('lots as l', 'l.id', '=', 'f.lot_id')
                ->join('list_strings as ls', 'ls.id', '=', 'l.list_string_id')->join('suppliers as su', 'su.id', '=', 'ls.supplier_id')
                ->whereNull('j.archived_at')->whereRaw("json_extract(j.standing, '$.rounds') > 0"),
            $owner, $place,
        )->distinct()->selectRaw("j.id, su.name as make, f.material, json_extract(j.standing, '$.rounds') as rounds, json_extract(j.standing, '$.holds_h') as hours");
        $rows = DB::query()->fromSub($jobs, 'held')->groupBy(['make', 'material'])->having('jobs', '>=', self::LEAST)
            ->selectRaw('make, material, avg(rounds) as rounds, avg(hours) as hours, count(*) as jobs')->orderBy('make')->orderBy('material')->get();
        $views = [];
        foreach ($rows as $row) {
            /** @var object{make: string, material: string, rounds: float, hours: ?float, jobs: int}&\stdClass $row */
            $views[] = new HoldsView($row->make, str_replace('-', ' ', $row->material), $row->rounds, $row->hours, $row->jobs);
        }

        return $views;
    }

    private static function narrowed(Builder $query, ?string $owner, ?string $place): Builder
    {
        if ($owner !== null) {
            $query->where('i.owner', $owner);
        }
        if ($place !== null) {
            $query->where('i.place', $place);
        }

        return $query;
    }
}
