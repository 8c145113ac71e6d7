<?php

declare(strict_types=1);

namespace Lira\Solver;

/**
 * Finds the best choices of one candidate for each string, best first, and proves that they are.
 *
 * The objective is the sum of the misses, 10 for each string that would be warned of by itself, 0.01 for each pair of neighbours of one make whose lower-pitched string is the thinner
 * one, and the coupling's cost. A backward pass gives for every candidate the best that can still follow it, exactly but for the
 * coupling, which a tangent bounds from below (Lagrangian relaxation); a depth-first search then follows only what can
 * still be among the best. Without coupling the time goes with strings × candidates.
 */
final class RankedSearch
{
    public const ORDER_PENALTY = 0.01;

    /** Outer diameters closer than this count as equal, metres. */
    private const SAME_M = 1e-9;

    public const MOST_NODES = 150_000;

    private const MULTIPLIER_STEPS = 24;

    private const MOST_ROUNDS = 12;

    private readonly int $strings;

    /** @var list<non-empty-list<float>> the misses with what warnings count, and what each candidate weighs in the line that bounds the coupling */
    private readonly array $misses;

    /** @var list<non-empty-list<float>> */
    private array $weights;

    /** @var list<list<float>> outer diameters, metres */
    private readonly array $diameters;

    /** @var list<list<string>> what each candidate is made of and how */
    private readonly array $makes;

    /** @var list<array<string, list<int>>> for each string but the first its candidates by make, each from thin to thick */
    private readonly array $byDiameter;

    /**
     * @var list<list<array{int, int}>> for each candidate of a string how many of the next string's of its make are thinner, and how
     *                                  many are not thicker
     */
    private readonly array $places;

    /** @var list<non-empty-list<float>> the misses with the line in them */
    private array $costs;

    /** @var list<list<float>> the best that can follow each candidate */
    private array $following = [];

    private float $constant = 0.0;

    /** @var list<list<float>> the least that the strings from each on add to the total, in each tuning */
    private array $leastN = [];

    /** @var list<array{objective: float, choice: list<int>}> */
    private array $found = [];

    private float $worstKept;

    private int $nodes = 0;

    private float $skipped = INF;

    /**
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates  for each string, string 1 first
     * @param  list<int>  $lowerIs  for each pair of neighbours: 1 if the second is the lower in pitch, -1 if the first is, 0 if they are
     *     equal
     */
    private function __construct(
        private readonly array $candidates,
        private readonly array $lowerIs,
        private readonly Coupling $coupling,
        private readonly int $keep,
        private readonly float $better,
        private readonly int $most,
    ) {
        $this->strings = count($candidates);
        $this->worstKept = $better;
        $this->misses = array_map(
            static fn (array $each): array => array_map(static fn (Candidate $candidate): float => $candidate->cost, $each),
            $candidates,
        );
        $this->weights = array_map(
            static fn (array $each): array => array_map(static fn (Candidate $candidate): float => $candidate->towardsTotalN, $each),
            $candidates,
        );
        $this->diameters = array_map(
            static fn (array $each): array => array_map(
                static fn (Candidate $candidate): float => $candidate->string->build->outerDiameterM,
                $each,
            ),
            $candidates,
        );
        $this->makes = array_map(
            static fn (array $each, int $string): array => array_map(
                // What only stands in is of a make of its own, and so in nobody's way.
                static fn (Candidate $candidate): string => $candidate->standsIn
                    ? "stands in {$string}"
                    : $candidate->string->spec->type->family(),
                $each,
            ),
            $candidates,
            array_keys($candidates),
        );
        $this->costs = $this->misses;
        [$this->byDiameter, $this->places] = $this->sortedByDiameter();
    }

    /**
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates  for each string, string 1 first
     * @param  list<int>  $lowerIs  for each pair of neighbours: 1 if the second is the lower in pitch, -1 if the first is, 0 if they are
     *     equal
     * @param  int  $keep  how many of the best
     * @param  float  $better  only what is better than this is looked for
     * @param  int  $most  so many choices are begun at most
     */
    public static function best(
        array $candidates,
        array $lowerIs,
        Coupling $coupling,
        int $keep,
        float $better = INF,
        int $most = self::MOST_NODES,
    ): Ranked {
        return (new self($candidates, $lowerIs, $coupling, $keep, $better, $most))->search();
    }

    private function search(): Ranked
    {
        $this->relax();
        $this->leastN = $this->leastTotals();
        if ($this->coupling->totalN !== null || $this->coupling->mostN !== []) {
            $this->stepwise();
        }
        $this->descend(0, [], 0.0, 0.0, array_fill(0, count($this->coupling->mostN), 0.0));
        $cut = $this->skipped < INF;

        return new Ranked(
            $this->found,
            ! $cut || $this->skipped >= $this->worstKept,
            min($this->skipped, $this->found[0]['objective'] ?? INF),
            $this->nodes,
        );
    }

    /** @return array{list<array<string, list<int>>>, list<list<array{int, int}>>} */
    private function sortedByDiameter(): array
    {
        $orders = $places = [];
        for ($string = 1; $string < $this->strings; $string++) {
            $sorted = $this->diameters[$string];
            asort($sorted);
            $byMake = $diameters = [];
            foreach ($sorted as $index => $diameter) {
                $byMake[$this->makes[$string][$index]][] = $index;
                $diameters[$this->makes[$string][$index]][] = $diameter;
            }
            $orders[] = $byMake;
            $placed = [];
            foreach ($this->diameters[$string - 1] as $index => $diameter) {
                $alike = $diameters[$this->makes[$string - 1][$index]] ?? [];
                $placed[] = [self::countBelow($alike, $diameter - self::SAME_M), self::countBelow($alike, $diameter + self::SAME_M)];
            }
            $places[] = $placed;
        }

        return [$orders, $places];
    }

    /** @param  list<float>  $sorted */
    private static function countBelow(array $sorted, float $diameter): int
    {
        [$low, $high] = [0, count($sorted)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($sorted[$middle] < $diameter) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** Chooses the straight line that bounds the coupling best, and works out what can follow each candidate. */
    private function relax(): void
    {
        $bound = $this->backward(0.0, 0.0);
        if ($this->coupling->totalN !== null) {
            $this->relaxTotal($this->coupling->totalN, $bound);
        } elseif ($this->coupling->mostN !== []) {
            $this->relaxMost();
        }
    }

    private function relaxTotal(float $totalN, float $bound): void
    {
        $greatestN = array_sum(array_map(static fn (array $each): float => max($each), $this->weights));
        $evaluate = function (float $exponent) use ($totalN, $greatestN): float {
            $atN = $totalN * exp($exponent);

            return $this->coupling->tangentHolds($atN, $greatestN)
                ? $this->backward($this->coupling->slope($atN), $this->coupling->cost($atN) - $this->coupling->slope($atN) * $atN)
                : -INF;
        };
        if ($evaluate(self::highest($evaluate, -0.5, 0.5)) < $bound) {
            $this->backward(0.0, 0.0);
        }
    }

    /** The line is drawn in the tuning that goes furthest over its greatest total. */
    private function relaxMost(): void
    {
        $tightest = $this->tightest();
        if ($tightest === null) {
            return;
        }
        $mostN = $this->coupling->mostN[$tightest];
        $this->weights = array_map(
            static fn (array $each): array => array_map(static fn (Candidate $candidate): float => $candidate->tensionsN[$tightest], $each),
            $this->candidates,
        );
        $evaluate = fn (float $slope): float => $this->backward($slope, -$slope * $mostN);
        $top = 0.01 / $mostN;
        while ($evaluate(2 * $top) > $evaluate($top) && $top < 1e6) {
            $top *= 2;
        }
        $evaluate(self::highest($evaluate, 0.0, 2 * $top));
    }

    /** The tuning in which the best choice goes furthest over the greatest total; null if it goes over in none. */
    private function tightest(): ?int
    {
        [$tightest, $most] = [null, 1.0];
        $sums = $this->sumsOfBest();
        foreach ($this->coupling->mostN as $tuning => $mostN) {
            if ($most < $sums[$tuning] / $mostN) {
                [$tightest, $most] = [$tuning, $sums[$tuning] / $mostN];
            }
        }

        return $tightest;
    }

    /**
     * The place of the highest value of a concave function (golden section, one evaluation a step).
     *
     * @param  \Closure(float): float  $evaluate
     */
    private static function highest(\Closure $evaluate, float $low, float $high): float
    {
        $golden = (sqrt(5) - 1) / 2;
        [$left, $right] = [$high - $golden * ($high - $low), $low + $golden * ($high - $low)];
        [$atLeft, $atRight] = [$evaluate($left), $evaluate($right)];
        for ($step = 0; $step < self::MULTIPLIER_STEPS; $step++) {
            if ($atLeft < $atRight) {
                [$low, $left, $atLeft] = [$left, $right, $atRight];
                $right = $low + $golden * ($high - $low);
                $atRight = $evaluate($right);
            } else {
                [$high, $right, $atRight] = [$right, $left, $atLeft];
                $left = $high - $golden * ($high - $low);
                $atLeft = $evaluate($left);
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * With every candidate's cost raised by the slope times its weight: the best that can follow each candidate.
     *
     * @return float a bound below which no choice can be
     */
    private function backward(float $slope, float $constant): float
    {
        $this->constant = $constant;
        if ($slope === 0.0) {
            $this->costs = $this->misses;
        } else {
            foreach ($this->misses as $string => $misses) {
                $weights = $this->weights[$string];
                foreach ($misses as $index => $miss) {
                    $misses[$index] = $miss + $slope * $weights[$index];
                }
                $this->costs[$string] = $misses;
            }
        }
        $last = $this->strings - 1;
        $following = [$last => array_fill(0, count($this->misses[$last]), 0.0)];
        for ($string = $last - 1; $string >= 0; $string--) {
            $following[$string] = $this->bestNext($string, $following[$string + 1]);
        }
        ksort($following);
        $this->following = array_values($following);
        $least = INF;
        foreach ($this->costs[0] as $index => $cost) {
            $least = min($least, $cost + $this->following[0][$index]);
        }

        return $least + $constant;
    }

    /**
     * For each candidate of a string the best next one and all that follows it: one pass over both in order of diameter.
     *
     * @param  list<float>  $after  what can follow each candidate of the next string
     * @return list<float>
     */
    private function bestNext(int $string, array $after): array
    {
        $costs = $this->costs[$string + 1];
        $lower = $this->lowerIs[$string];
        // For each make the best of all; the best among the thinnest so many; the best among all but those.
        $least = $upTo = $from = [];
        foreach ($this->byDiameter[$string] as $make => $order) {
            $values = array_map(static fn (int $index): float => $costs[$index] + $after[$index], $order);
            $least[$make] = min([INF, ...$values]);
            $upTo[$make] = [INF];
            foreach ($values as $index => $value) {
                $upTo[$make][] = min($upTo[$make][$index], $value);
            }
            $count = count($values);
            $from[$make] = array_fill(0, $count + 1, INF);
            for ($index = $count - 1; $index >= 0; $index--) {
                $from[$make][$index] = min($values[$index], $from[$make][$index + 1]);
            }
        }
        if ($lower === 0) {
            return array_fill(0, count($this->costs[$string]), min([INF, ...array_values($least)]));
        }
        $others = [];
        foreach (array_unique($this->makes[$string]) as $make) {
            $others[$make] = min([INF, ...array_values(array_diff_key($least, [$make => true]))]);
        }
        $best = [];
        foreach ($this->places[$string] as $index => [$thinner, $notThicker]) {
            $make = $this->makes[$string][$index];
            $alike = match (true) {
                ! isset($least[$make]) => INF,
                $lower === 1 => min($from[$make][$thinner], $upTo[$make][$thinner] + self::ORDER_PENALTY),
                default => min($upTo[$make][$notThicker], $from[$make][$notThicker] + self::ORDER_PENALTY),
            };
            $best[] = min($others[$make], $alike);
        }

        return $best;
    }

    /**
     * @param  list<int>  $choice  for the strings before this one
     * @param  float  $spent  their relaxed cost, penalties included
     * @param  float  $real  their cost without relaxation
     * @param  list<float>  $sumsN  their tension in each tuning that is limited
     */
    private function descend(int $string, array $choice, float $spent, float $real, array $sumsN): void
    {
        $following = $this->following[$string];
        $before = $spent + $this->constant;
        $open = [];
        foreach ($this->costs[$string] as $index => $cost) {
            $bound = $before + $cost + $following[$index];
            if ($bound < $this->worstKept) {
                $bound += $this->penaltyAfter($string, $choice, $index);
                if ($bound < $this->worstKept) {
                    $open[$index] = $bound;
                }
            }
        }
        asort($open);
        foreach ($open as $index => $bound) {
            if ($bound >= $this->worstKept) {
                return;
            }
            if (++$this->nodes > $this->most && ($this->found !== [] || $this->better < INF)) {
                $this->skipped = min($this->skipped, $bound);

                return;
            }
            $candidate = $this->candidates[$string][$index];
            $sums = [];
            $least = [];
            foreach ($sumsN as $tuning => $sumN) {
                $sums[] = $sumN + $candidate->tensionsN[$tuning];
                $least[] = $sumN + $candidate->tensionsN[$tuning] + $this->leastN[$string + 1][$tuning];
            }
            if (! $this->coupling->allows($least)) {
                continue;
            }
            $penalty = $this->penaltyAfter($string, $choice, $index);
            $chosen = [...$choice, $index];
            if ($string === $this->strings - 1) {
                $this->keep($chosen, $real + $penalty + $candidate->cost);
            } else {
                $this->descend(
                    $string + 1,
                    $chosen,
                    $spent + $penalty + $this->costs[$string][$index],
                    $real + $penalty + $candidate->cost,
                    $sums,
                );
            }
        }
    }

    /**
     * From the relaxed best, one string after another to the gauge that helps most, until none helps: what is found on the
     * way shortens the search, and is a good answer should it be cut short.
     */
    private function stepwise(): void
    {
        $choice = $this->relaxedBest();
        $present = $this->judged($choice);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $before = $present;
            foreach ($choice as $string => $chosen) {
                $best = $chosen;
                foreach ($this->misses[$string] as $index => $miss) {
                    if ($miss >= $present) {
                        continue;
                    }
                    /** @var list<int> $tried */
                    $tried = array_replace($choice, [$string => $index]);
                    $value = $this->judged($tried);
                    if ($value < $present) {
                        [$present, $best] = [$value, $index];
                    }
                }
                $choice[$string] = $best;
            }
            if ($present >= $before) {
                return;
            }
        }
    }

    /**
     * The objective of a choice, which is kept if it is among the best; where a total goes over, that weighs heavily.
     *
     * @param  list<int>  $choice
     */
    private function judged(array $choice): float
    {
        [$cost, $over] = [0.0, 0.0];
        $sums = array_fill(0, count($this->coupling->mostN), 0.0);
        foreach ($choice as $string => $index) {
            $cost += $this->misses[$string][$index] + $this->penaltyAfter($string, $choice, $index);
            foreach (array_keys($sums) as $tuning) {
                $sums[$tuning] += $this->candidates[$string][$index]->tensionsN[$tuning];
            }
        }
        if ($this->coupling->allows($sums)) {
            return $this->keep($choice, $cost);
        }
        foreach ($this->coupling->mostN as $tuning => $mostN) {
            $over = max($over, $sums[$tuning] / $mostN);
        }

        return 1e6 * $over + $cost;
    }

    /**
     * @param  list<int>  $choice
     * @return float its objective
     */
    private function keep(array $choice, float $cost): float
    {
        $sumN = 0.0;
        foreach ($choice as $string => $index) {
            $sumN += $this->candidates[$string][$index]->towardsTotalN;
        }
        $objective = $cost + $this->coupling->cost($sumN);
        if ($objective >= $this->worstKept || in_array($choice, array_column($this->found, 'choice'), true)) {
            return $objective;
        }
        $this->found[] = ['objective' => $objective, 'choice' => $choice];
        usort($this->found, static fn (array $a, array $b): int => $a['objective'] <=> $b['objective']);
        $this->found = array_slice($this->found, 0, $this->keep);
        if (count($this->found) === $this->keep) {
            $this->worstKept = $this->found[$this->keep - 1]['objective'];
        }

        return $objective;
    }

    /** @param  list<int>  $choice  for the strings before this one */
    private function penaltyAfter(int $string, array $choice, int $index): float
    {
        $before = $choice[$string - 1] ?? null;

        return $before === null ? 0.0 : $this->penalty($string - 1, $before, $index);
    }

    private function penalty(int $string, int $first, int $second): float
    {
        if ($this->makes[$string][$first] !== $this->makes[$string + 1][$second]) {
            return 0.0;
        }
        $thicker = ($this->diameters[$string][$first] - $this->diameters[$string + 1][$second]) * $this->lowerIs[$string];

        return $thicker > self::SAME_M ? self::ORDER_PENALTY : 0.0;
    }

    /** @return list<float> the total of the relaxed best, in each limited tuning */
    private function sumsOfBest(): array
    {
        $sums = array_fill(0, count($this->coupling->mostN), 0.0);
        foreach ($this->relaxedBest() as $string => $index) {
            foreach (array_keys($sums) as $tuning) {
                $sums[$tuning] += $this->candidates[$string][$index]->tensionsN[$tuning];
            }
        }

        return $sums;
    }

    /** @return list<int> the best choice as the straight line sees it */
    private function relaxedBest(): array
    {
        $choice = [];
        foreach ($this->costs as $string => $costs) {
            foreach ($costs as $index => $cost) {
                $costs[$index] = $cost + $this->following[$string][$index] + $this->penaltyAfter($string, $choice, $index);
            }
            $choice[] = (int) array_search(min($costs), $costs, true);
        }

        return $choice;
    }

    /** @return list<list<float>> */
    private function leastTotals(): array
    {
        $tunings = count($this->coupling->mostN);
        $least = [$this->strings => array_fill(0, $tunings, 0.0)];
        for ($string = $this->strings - 1; $string >= 0; $string--) {
            $least[$string] = $least[$string + 1];
            foreach (array_keys($least[$string]) as $tuning) {
                $least[$string][$tuning] += min(
                    array_map(static fn (Candidate $candidate): float => $candidate->tensionsN[$tuning], $this->candidates[$string]),
                );
            }
        }
        ksort($least);

        return array_values(array_map(array_values(...), $least));
    }
}
