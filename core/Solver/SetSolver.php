<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Strings\BuiltString;

/** Chooses gauges: up to five sets from the pool, best first, proven. */
final readonly class SetSolver
{
    public const KEEP = 5;

    private Choosing $choosing;

    /** @var array<string, list<BuiltString>> the pool by family, from thin to thick */
    private array $families;

    private function __construct(private SetDesign $design, private Brief $brief)
    {
        $this->choosing = new Choosing($design, $brief);
        $this->families = self::byFamily($brief->pool->strings);
    }

    /**
     * @param  list<BuiltString>  $strings
     * @return array<string, list<BuiltString>>
     */
    private static function byFamily(array $strings): array
    {
        $families = [];
        foreach ($strings as $string) {
            $families[$string->spec->type->family()][] = $string;
        }
        foreach ($families as &$made) {
            usort($made, static fn (BuiltString $a, BuiltString $b): int => $a->build->outerDiameterM <=> $b->build->outerDiameterM);
        }

        return $families;
    }

    /** @throws NoSolution with the strings and limits that rule every set out, and what was found for the other strings */
    public static function solve(SetDesign $design, Brief $brief): Solved
    {
        return (new self($design, $brief))->solved();
    }

    private function solved(): Solved
    {
        [$aimN, $mostN] = [$this->brief->tensions->totalN, $this->brief->mostTotalN];
        if ($aimN !== null && $mostN !== null && $aimN > $mostN * (1 + 1e-9)) {
            throw NoSolution::aimsTooHigh($aimN, $mostN);
        }
        $open = array_map($this->choosing->of(...), array_keys($this->design->strings));
        $ways = $this->ways($open);
        $fewest = min(array_map(static fn (array $way): int => count($way['unserved']), $ways));
        // As few strings as can be are left unserved; which ones, where there is a choice, is what serves the others best.
        $groups = [];
        foreach ($ways as $way) {
            if (count($way['unserved']) === $fewest) {
                $groups[implode(' ', $way['unserved'])][] = $way;
            }
        }
        [$unserved, $solved] = [[], null];
        foreach ($groups as $group) {
            $found = array_filter($open) === [] ? null : $this->bestOf($group, $fewest);
            if ($unserved === [] || ($found !== null && ($solved === null || $found->solutions[0]->objective < $solved->solutions[0]->objective))) {
                [$unserved, $solved] = [$group[0]['unserved'], $found];
            }
        }
        if ($unserved !== []) {
            throw NoSolution::for(array_map($this->choosing->why(...), $unserved), $solved);
        }

        return $solved ?? throw new \LogicException('Every string is served');
    }

    /**
     * @param  list<array{candidates: non-empty-list<non-empty-list<Candidate>>, unserved: list<int>}>  $ways
     * @return ?Solved null where some string is unserved anyway and the others pull too much together
     *
     * @throws NoSolution if every string is served and all pull too much together
     */
    private function bestOf(array $ways, int $unserved): ?Solved
    {
        try {
            return $this->best($ways);
        } catch (NoSolution $over) {
            return $unserved > 0 ? null : throw $over;
        }
    }

    /**
     * What each string may become at every border there is between plain and wound.
     *
     * @param  list<list<Candidate>>  $open  what each may become without one
     * @return non-empty-list<array{candidates: non-empty-list<non-empty-list<Candidate>>, unserved: list<int>}>
     */
    private function ways(array $open): array
    {
        $heights = $this->choosing->heights();
        [$ways, $standIns] = [[], []];
        foreach ($this->brief->mixed ? [Border::none()] : Border::all($heights) as $border) {
            [$candidates, $unserved] = [[], []];
            foreach ($open as $index => $each) {
                $here = array_values(array_filter($each, static fn (Candidate $candidate): bool => $border->allows(
                    $heights[$index],
                    $candidate->string->spec->type->construction->isWound(),
                )));
                if ($here === [] && $each !== [] && $this->choosing->isKept($index)) {
                    // What is on it stays, on whichever side of the border it would belong.
                    $here = $each;
                }
                if ($here === []) {
                    $unserved[] = $index;
                    // One for all borders: sets are the same that differ in nothing else.
                    $here = [$standIns[$index] ??= $this->choosing->standIn($index)];
                }
                $candidates[] = $here;
            }
            if ($candidates !== []) {
                $ways[] = ['candidates' => $candidates, 'unserved' => $unserved];
            }
        }

        return $ways === [] ? throw new \LogicException('A set has strings') : $ways;
    }

    /**
     * The best of all ways: each is searched for what is better than the best so far, the most promising first.
     *
     * @param  list<array{candidates: non-empty-list<non-empty-list<Candidate>>, unserved: list<int>}>  $ways
     *
     * @throws NoSolution if all of them pull too much together
     */
    private function best(array $ways): Solved
    {
        $most = $this->brief->mostTotalN;
        $coupling = Coupling::of($this->brief->tensions->totalN, $most === null ? [] : array_fill(0, count($this->design->tunings), $most));
        $lowerIs = $this->choosing->lowerIs();
        $least = array_map(static fn (array $way): float => self::leastMiss($way['candidates']), $ways);
        asort($least);
        /** @var array<string, Solution> $found */
        [$found, $complete, $bound, $begun, $nearest, $best] = [[], true, INF, 0, $ways[0]['candidates'] ?? [], INF];
        foreach ($least as $index => $leastMiss) {
            $objectives = array_map(static fn (Solution $solution): float => $solution->objective, array_values($found));
            $better = count($objectives) < self::KEEP ? INF : $objectives[self::KEEP - 1];
            if ($leastMiss >= $better) {
                $bound = min($bound, $leastMiss);

                continue;
            }
            $ranked = RankedSearch::best(
                $ways[$index]['candidates'],
                $lowerIs,
                $coupling,
                self::KEEP,
                $better,
                max(1, RankedSearch::MOST_NODES - $begun),
            );
            $begun += $ranked->begun;
            $complete = $complete && $ranked->complete;
            $bound = min($bound, $ranked->bound);
            if ($ranked->found !== [] && $ranked->found[0]['objective'] < $best) {
                [$nearest, $best] = [$ways[$index]['candidates'], $ranked->found[0]['objective']];
            }
            foreach ($ranked->found as $one) {
                $found[self::key($ways[$index]['candidates'], $one['choice'])] ??= $this->solution($ways[$index], $one);
            }
            uasort($found, static fn (Solution $a, Solution $b): int => $a->objective <=> $b->objective);
            $found = array_slice($found, 0, self::KEEP);
        }
        $solutions = array_values($found);
        if ($solutions === []) {
            throw NoSolution::total(
                min([INF, ...array_map(fn (array $way): float => $this->leastTotalN($way['candidates']), $ways)]),
                (float) $most,
            );
        }

        return new Solved(
            $solutions,
            $complete || $bound >= $solutions[count($solutions) - 1]->objective,
            min($bound, $solutions[0]->objective),
            $this->packaged($nearest),
            $begun,
        );
    }

    /** @param  non-empty-list<non-empty-list<Candidate>>  $candidates */
    private static function leastMiss(array $candidates): float
    {
        return array_sum(array_map(
            static fn (array $each): float => min(array_map(static fn (Candidate $candidate): float => $candidate->cost, $each)),
            $candidates,
        ));
    }

    /**
     * The same for the same choice, at whichever border it was found.
     *
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates
     * @param  list<int>  $choice
     */
    private static function key(array $candidates, array $choice): string
    {
        return implode(' ', array_map(static fn (array $each, int $chosen): int => spl_object_id($each[$chosen]), $candidates, $choice));
    }

    /**
     * @param  array{candidates: non-empty-list<non-empty-list<Candidate>>, unserved: list<int>}  $way
     * @param  array{objective: float, choice: list<int>}  $found
     */
    private function solution(array $way, array $found): Solution
    {
        $totals = array_fill(0, count($this->design->tunings), 0.0);
        $strings = [];
        foreach ($found['choice'] as $index => $choice) {
            if (in_array($index, $way['unserved'], true)) {
                continue;
            }
            $chosen = $way['candidates'][$index][$choice];
            foreach ($chosen->tensionsN as $tuning => $tensionN) {
                $totals[$tuning] += $tensionN;
            }
            $strings[] = new ChosenString(
                $index + 1,
                $chosen,
                $this->brief->bands[$index],
                $this->neighbour($chosen, $index, -1),
                $this->neighbour($chosen, $index, 1),
            );
        }

        return new Solution($found['objective'], $strings, array_values($totals));
    }

    /** The next gauge of the same family in the pool, whether it may be chosen or not. */
    private function neighbour(Candidate $chosen, int $index, int $direction): ?Candidate
    {
        $made = $this->families[$chosen->string->spec->type->family()] ?? [];
        foreach ($direction > 0 ? $made : array_reverse($made) as $string) {
            if ($direction * ($string->build->outerDiameterM - $chosen->string->build->outerDiameterM) > 1e-9) {
                return $this->choosing->candidate($string, $index);
            }
        }

        return null;
    }

    /** @param  non-empty-list<non-empty-list<Candidate>>  $candidates */
    private function leastTotalN(array $candidates): float
    {
        $most = 0.0;
        foreach (array_keys($this->design->tunings) as $tuning) {
            $most = max(
                $most,
                array_sum(array_map(
                    static fn (array $each): float => min(
                        array_map(static fn (Candidate $candidate): float => $candidate->tensionsN[$tuning], $each),
                    ),
                    $candidates,
                )),
            );
        }

        return $most;
    }

    /**
     * Every packaged set, laid along the strings where it comes nearest, with the best single of the pool wherever it has
     * no string, or one out of its band or over the breaking limit.
     *
     * @param  list<non-empty-list<Candidate>>  $candidates  where the best set was found
     * @return list<NearestPackaged> nearest first
     */
    private function packaged(array $candidates): array
    {
        $singles = array_map(static function (array $each): Candidate {
            $best = $each[0];
            foreach ($each as $candidate) {
                $best = $candidate->cost < $best->cost ? $candidate : $best;
            }

            return $best;
        }, $candidates);
        $nearest = array_map(fn (PackagedSet $set): NearestPackaged => $this->laid($set, $singles), $this->brief->packaged);
        usort(
            $nearest,
            static fn (NearestPackaged $a, NearestPackaged $b): int => [count($a->singles), $a->miss] <=> [count($b->singles), $b->miss],
        );

        return $nearest;
    }

    /** @param  list<Candidate>  $singles  the best of the pool for each string */
    private function laid(PackagedSet $set, array $singles): NearestPackaged
    {
        $best = null;
        $strings = count($this->design->strings);
        $sold = count($set->strings);
        // The set's string 1 may go on any string for which the rest still finds a place, or hang over at either end.
        for ($shift = min(0, $strings - $sold); $shift <= max(0, $strings - $sold); $shift++) {
            $laid = $this->laidAt($set, $shift, $singles);
            if ($best === null || [count($laid->singles), $laid->miss] < [count($best->singles), $best->miss]) {
                $best = $laid;
            }
        }

        return $best ?? throw new \LogicException('A range has at least one place');
    }

    /** @param  list<Candidate>  $singles */
    private function laidAt(PackagedSet $set, int $shift, array $singles): NearestPackaged
    {
        [$used, $bought, $miss] = [[], [], 0.0];
        foreach ($singles as $index => $single) {
            $string = $set->strings[$index - $shift] ?? null;
            $candidate = $string === null ? null : $this->choosing->candidate($string, $index);
            $why = match (true) {
                $candidate === null => 'missing',
                $this->choosing->breaks($candidate) => 'limit',
                $this->outOfBand($candidate, $index) && $single->miss < $candidate->miss => 'out-of-band',
                default => null,
            };
            if ($why !== null && $single->standsIn) {
                // Nothing that could be bought holds there.
                continue;
            }
            if ($why !== null) {
                $bought[] = ['position' => $index + 1, 'candidate' => $single, 'why' => $why];
                $miss += $single->miss;
            } elseif ($candidate !== null) {
                $used[] = ['position' => $index + 1, 'candidate' => $candidate];
                $miss += $candidate->miss;
            }
        }

        return new NearestPackaged($set, $used, $bought, $miss);
    }

    /** Further off than twice the band: a step of gauge would be worth buying. */
    private function outOfBand(Candidate $candidate, int $index): bool
    {
        $band = $this->brief->bands[$index];
        $half = $band->highN / $band->targetN - 1;

        return sqrt($candidate->miss) > log(1 + 2 * max($half, 0.01));
    }
}
