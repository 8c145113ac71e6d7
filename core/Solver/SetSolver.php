<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Pitch\Tuning;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;

/** Chooses gauges: up to five sets from the pool, best first, proven. */
final readonly class SetSolver
{
    public const KEEP = 5;

    /** @var non-empty-list<non-empty-list<float>> by string, the length that sounds in each tuning, metres */
    private array $lengthsM;

    /** @var non-empty-list<non-empty-list<float>> by string, the frequency in each tuning */
    private array $hertz;

    /** @var list<float> what each string of the pool can bear, newtons; endless where it has no modelled core */
    private array $loadsN;

    /** @var array<string, list<BuiltString>> the pool by family, from thin to thick */
    private array $families;

    private function __construct(private SetDesign $design, private Brief $brief)
    {
        $count = count($design->strings);
        [$lengths, $hertz] = [[], []];
        foreach (array_keys($design->strings) as $index) {
            $lengths[] = array_map(
                static fn (Tuning $tuning): float => $design->instrument->scale->speakingLengthM($index + 1, $count, $tuning->capo),
                $design->tunings,
            );
            $hertz[] = array_map(static fn (Tuning $tuning): float => $tuning->frequencyHz($index + 1), $design->tunings);
        }
        $this->lengthsM = $lengths;
        $this->hertz = $hertz;
        $this->loadsN = array_map(self::loadN(...), $brief->pool->strings);
        $this->families = self::byFamily($brief->pool->strings);
    }

    private static function loadN(BuiltString $string): float
    {
        return $string->build->core === null ? INF : Breaking::loadN($string->build->core);
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

    /** @throws NoSolution if the string and limit it names rule every set out */
    public static function solve(SetDesign $design, Brief $brief): Solved
    {
        return (new self($design, $brief))->solved();
    }

    private function solved(): Solved
    {
        $candidates = array_map($this->candidates(...), array_keys($this->design->strings));
        $most = $this->brief->mostTotalN;
        $coupling = Coupling::of($this->brief->tensions->totalN, $most === null ? [] : array_fill(0, count($this->design->tunings), $most));
        $ranked = RankedSearch::best($candidates, $this->lowerIs(), $coupling, self::KEEP);
        $solutions = array_map(fn (array $found): Solution => $this->solution($candidates, $found), $ranked->found);
        if ($solutions === []) {
            throw NoSolution::total($this->leastTotalN($candidates), (float) $most);
        }

        return new Solved($solutions, $ranked->complete, $ranked->bound, $this->packaged($candidates));
    }

    /**
     * @return non-empty-list<Candidate> what string `$index` may become
     *
     * @throws NoSolution if nothing may
     */
    private function candidates(int $index): array
    {
        $position = $index + 1;
        if (in_array($position, $this->brief->keep, true)) {
            return [$this->candidate($this->design->strings[$index], $index)];
        }
        if ($this->brief->pool->strings === []) {
            throw NoSolution::emptyPool();
        }
        $made = array_filter(
            $this->brief->pool->strings,
            fn (BuiltString $string): bool => $this->brief->allows($position, $string->spec->type->construction),
        );
        if ($made === []) {
            throw NoSolution::construction($position, $this->constructionKey($position));
        }
        [$candidates, $least] = [[], INF];
        foreach ($made as $place => $string) {
            $candidate = $this->candidate($string, $index);
            $share = max($candidate->tensionsN) / $this->loadsN[$place];
            $least = min($least, $share);
            if ($share <= $this->brief->breakShare) {
                $candidates[] = $candidate;
            }
        }
        if ($candidates === []) {
            throw NoSolution::breakShare($position, $this->design->tunings[0]->pitch($position)->label(), $least, $this->brief->breakShare);
        }

        return $candidates;
    }

    private function candidate(BuiltString $string, int $index): Candidate
    {
        $tensionsN = [];
        foreach ($this->hertz[$index] as $tuning => $hertz) {
            $tensionsN[] = $string->tension->tensionN($this->lengthsM[$index][$tuning], $hertz);
        }

        return new Candidate(
            $string,
            $tensionsN,
            $this->brief->serving->miss($tensionsN, $this->brief->bands[$index]->targetN),
            $this->brief->serving->towardsTotalN($tensionsN),
        );
    }

    private static function breakShare(Candidate $candidate): float
    {
        return max($candidate->tensionsN) / self::loadN($candidate->string);
    }

    private function constructionKey(int $position): string
    {
        return match (true) {
            in_array($position, $this->brief->plainOnly, true) => 'plain_only',
            in_array($position, $this->brief->woundOnly, true) => 'wound_only',
            $this->brief->woundFrom !== null && $position < $this->brief->woundFrom => 'wound_from',
            default => 'plain_to',
        };
    }

    /**
     * Which of two neighbours is the lower in pitch, by the mean of its tunings.
     *
     * @return list<int>
     */
    private function lowerIs(): array
    {
        $height = array_map(static fn (array $hertz): float => array_sum(array_map(log(...), $hertz)), $this->hertz);
        $lower = [];
        for ($index = 1; $index < count($height); $index++) {
            $difference = $height[$index - 1] - $height[$index];
            $lower[] = abs($difference) < 1e-9 ? 0 : ($difference > 0 ? 1 : -1);
        }

        return $lower;
    }

    /**
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates
     * @param  array{objective: float, choice: list<int>}  $found
     */
    private function solution(array $candidates, array $found): Solution
    {
        $totals = array_fill(0, count($this->design->tunings), 0.0);
        $strings = [];
        foreach ($found['choice'] as $index => $choice) {
            $chosen = $candidates[$index][$choice];
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
                return $this->candidate($string, $index);
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
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates
     * @return list<NearestPackaged> nearest first
     */
    private function packaged(array $candidates): array
    {
        $singles = array_map(static function (array $each): Candidate {
            $best = $each[0];
            foreach ($each as $candidate) {
                $best = $candidate->miss < $best->miss ? $candidate : $best;
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

    /** @param  non-empty-list<Candidate>  $singles  the best of the pool for each string */
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

    /** @param  non-empty-list<Candidate>  $singles */
    private function laidAt(PackagedSet $set, int $shift, array $singles): NearestPackaged
    {
        [$used, $bought, $miss] = [[], [], 0.0];
        foreach ($singles as $index => $single) {
            $string = $set->strings[$index - $shift] ?? null;
            $candidate = $string === null ? null : $this->candidate($string, $index);
            $why = match (true) {
                $candidate === null => 'missing',
                self::breakShare($candidate) > $this->brief->breakShare => 'limit',
                $this->outOfBand($candidate, $index) && $single->miss < $candidate->miss => 'out-of-band',
                default => null,
            };
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
