<?php

declare(strict_types=1);

namespace Lira\Solver;

/**
 * Finds the best choices of one candidate for each string, best first, and proves that they are.
 *
 * The objective is the sum of the misses, 0.01 for each pair of neighbours whose lower-pitched string is the thinner one,
 * and the coupling's cost. A backward pass gives for every candidate the best that can still follow it, exactly but for the
 * coupling, which a tangent bounds from below (Lagrangian relaxation); a depth-first search then follows only what can
 * still be among the best. Without coupling the time goes with strings × candidates.
 */
final class RankedSearch
{
    public const ORDER_PENALTY = 0.01;

    /** Outer diameters closer than this count as equal, metres. */
    private const SAME_M = 1e-9;

    private const MOST_NODES = 150_000;

    private const MULTIPLIER_STEPS = 24;

    private readonly int $strings;

    /** @var list<list<float>> */
    private array $costs;

    /** @var list<list<float>> the best that can follow each candidate */
    private array $following = [];

    private float $constant = 0.0;

    /** @var list<list<float>> the least that the strings from each on add to the total, in each tuning */
    private array $leastN = [];

    /** @var list<array{objective: float, choice: list<int>}> */
    private array $found = [];

    private float $worstKept = INF;

    private int $nodes = 0;

    private float $skipped = INF;

    /**
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates  for each string, string 1 first
     * @param  list<int>  $lowerIs  for each pair of neighbours: 1 if the second is the lower in pitch, -1 if the first is, 0 if they are equal
     */
    private function __construct(
        private readonly array $candidates,
        private readonly array $lowerIs,
        private readonly Coupling $coupling,
        private readonly int $keep,
    ) {
        $this->strings = count($candidates);
        $this->costs = array_map(static fn (array $each): array => array_map(static fn (Candidate $candidate): float => $candidate->miss, $each), $candidates);
    }

    /**
     * @param  non-empty-list<non-empty-list<Candidate>>  $candidates  for each string, string 1 first
     * @param  list<int>  $lowerIs  for each pair of neighbours: 1 if the second is the lower in pitch, -1 if the first is, 0 if they are equal
     * @param  int  $keep  how many of the best
     */
    public static function best(array $candidates, array $lowerIs, Coupling $coupling, int $keep): Ranked
    {
        return (new self($candidates, $lowerIs, $coupling, $keep))->search();
    }

    private function search(): Ranked
    {
        $this->relax();
        $this->leastN = $this->leastTotals();
        $this->descend(0, [], 0.0, 0.0, array_fill(0, count($this->coupling->mostN), 0.0));
        $cut = $this->skipped < INF;

        return new Ranked($this->found, ! $cut || $this->skipped >= $this->worstKept, min($this->skipped, $this->found[0]['objective'] ?? INF));
    }

    /** Chooses the straight line that bounds the coupling best, and works out what can follow each candidate. */
    private function relax(): void
    {
        $bound = $this->backward(0.0, 0.0);
        if ($this->coupling->totalN !== null) {
            $this->relaxTotal($this->coupling->totalN, $bound);
        } elseif ($this->coupling->mostN !== [] && ! $this->coupling->allows($this->sumsOfBest())) {
            $this->relaxMost(max($this->coupling->mostN));
        }
    }

    private function relaxTotal(float $totalN, float $bound): void
    {
        $greatestN = array_sum(array_map(static fn (array $each): float => max(array_map(static fn (Candidate $candidate): float => $candidate->towardsTotalN, $each)), $this->candidates));
        $evaluate = function (float $exponent) use ($totalN, $greatestN): float {
            $atN = $totalN * exp($exponent);

            return $this->coupling->tangentHolds($atN, $greatestN)
                ? $this->backward($this->coupling->slope($atN), $this->coupling->cost($atN) - $this->coupling->slope($atN) * $atN)
                : -INF;
        };
        $best = self::highest($evaluate, -0.5, 0.5);
        if ($evaluate($best) < $bound) {
            $this->backward(0.0, 0.0);
        }
    }

    private function relaxMost(float $mostN): void
    {
        $evaluate = fn (float $slope): float => $this->backward($slope, -$slope * $mostN);
        $top = 1 / $mostN;
        while ($evaluate(2 * $top) > $evaluate($top) && $top < 1e6) {
            $top *= 2;
        }
        $evaluate(self::highest($evaluate, 0.0, 2 * $top));
    }

    /**
     * The place of the highest value of a concave function (ternary search).
     *
     * @param  \Closure(float): float  $evaluate
     */
    private static function highest(\Closure $evaluate, float $low, float $high): float
    {
        for ($step = 0; $step < self::MULTIPLIER_STEPS; $step++) {
            $left = $low + ($high - $low) * 0.4;
            $right = $low + ($high - $low) * 0.6;
            if ($evaluate($left) < $evaluate($right)) {
                $low = $left;
            } else {
                $high = $right;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * With every candidate's cost raised by the slope times its tension: the best that can follow each candidate.
     *
     * @return float a bound below which no choice can be
     */
    private function backward(float $slope, float $constant): float
    {
        $this->constant = $constant;
        $this->costs = array_map(
            static fn (array $each): array => array_map(static fn (Candidate $candidate): float => $candidate->miss + $slope * $candidate->towardsTotalN, $each),
            $this->candidates,
        );
        $last = $this->strings - 1;
        $following = [$last => array_fill(0, count($this->candidates[$last]), 0.0)];
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
        $next = [];
        foreach ($this->costs[$string + 1] as $index => $cost) {
            $next[] = [$this->diameter($string + 1, $index), $cost + $after[$index]];
        }
        usort($next, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $count = count($next);
        [$upTo, $from] = [[], array_fill(0, $count + 1, INF)];
        $least = INF;
        foreach ($next as [, $value]) {
            $upTo[] = $least;
            $least = min($least, $value);
        }
        $upTo[] = $least;
        for ($index = $count - 1; $index >= 0; $index--) {
            $from[$index] = min($from[$index + 1], $next[$index][1]);
        }
        $best = [];
        foreach (array_keys($this->costs[$string]) as $index) {
            $diameter = $this->diameter($string, $index);
            // Thinner than this one are those before $thinner; thicker those from $thicker on.
            $thinner = self::firstAbove($next, $diameter - self::SAME_M);
            $thicker = self::firstAbove($next, $diameter + self::SAME_M);
            $best[] = match ($this->lowerIs[$string]) {
                1 => min($from[$thinner], $upTo[$thinner] + self::ORDER_PENALTY),
                -1 => min($upTo[$thicker], $from[$thicker] + self::ORDER_PENALTY),
                default => $least,
            };
        }

        return $best;
    }

    /** @param  list<array{float, float}>  $sorted  by diameter */
    private static function firstAbove(array $sorted, float $diameter): int
    {
        [$low, $high] = [0, count($sorted)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($sorted[$middle][0] < $diameter) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * @param  list<int>  $choice  for the strings before this one
     * @param  float  $spent  their relaxed cost, penalties included
     * @param  float  $real  their cost without relaxation
     * @param  list<float>  $sumsN  their tension in each tuning that is limited
     */
    private function descend(int $string, array $choice, float $spent, float $real, array $sumsN): void
    {
        $open = [];
        foreach ($this->costs[$string] as $index => $cost) {
            $penalty = $this->penaltyAfter($string, $choice, $index);
            $bound = $spent + $penalty + $cost + $this->following[$string][$index] + $this->constant;
            if ($bound < $this->worstKept) {
                $open[$index] = $bound;
            }
        }
        asort($open);
        foreach ($open as $index => $bound) {
            if ($bound >= $this->worstKept) {
                return;
            }
            if (++$this->nodes > self::MOST_NODES && count($this->found) > 0) {
                $this->skipped = min($this->skipped, $bound);

                return;
            }
            $candidate = $this->candidates[$string][$index];
            $penalty = $this->penaltyAfter($string, $choice, $index);
            $sums = [];
            foreach ($sumsN as $tuning => $sumN) {
                $sums[] = $sumN + $candidate->tensionsN[$tuning];
            }
            if (! $this->coupling->allows(array_map(static fn (float $sumN, float $leastN): float => $sumN + $leastN, $sums, $this->leastN[$string + 1]))) {
                continue;
            }
            $chosen = [...$choice, $index];
            if ($string === $this->strings - 1) {
                $this->keep($chosen, $real + $penalty + $candidate->miss);
            } else {
                $this->descend($string + 1, $chosen, $spent + $penalty + $this->costs[$string][$index], $real + $penalty + $candidate->miss, $sums);
            }
        }
    }

    /** @param  list<int>  $choice */
    private function keep(array $choice, float $cost): void
    {
        $sumN = 0.0;
        foreach ($choice as $string => $index) {
            $sumN += $this->candidates[$string][$index]->towardsTotalN;
        }
        $objective = $cost + $this->coupling->cost($sumN);
        if ($objective >= $this->worstKept) {
            return;
        }
        $this->found[] = ['objective' => $objective, 'choice' => $choice];
        usort($this->found, static fn (array $a, array $b): int => $a['objective'] <=> $b['objective']);
        $this->found = array_slice($this->found, 0, $this->keep);
        if (count($this->found) === $this->keep) {
            $this->worstKept = $this->found[$this->keep - 1]['objective'];
        }
    }

    /** @param  list<int>  $choice  for the strings before this one */
    private function penaltyAfter(int $string, array $choice, int $index): float
    {
        $before = $choice[$string - 1] ?? null;

        return $before === null ? 0.0 : $this->penalty($string - 1, $before, $index);
    }

    private function penalty(int $string, int $first, int $second): float
    {
        $thicker = ($this->diameter($string, $first) - $this->diameter($string + 1, $second)) * $this->lowerIs[$string];

        return $thicker > self::SAME_M ? self::ORDER_PENALTY : 0.0;
    }

    private function diameter(int $string, int $index): float
    {
        return $this->candidates[$string][$index]->string->build->outerDiameterM;
    }

    /** @return list<float> the total of the relaxed best, in each limited tuning */
    private function sumsOfBest(): array
    {
        $sums = array_fill(0, count($this->coupling->mostN), 0.0);
        $before = null;
        foreach ($this->candidates as $string => $each) {
            /** @var non-empty-list<float> $values */
            $values = [];
            foreach ($this->costs[$string] as $index => $cost) {
                $values[] = $cost + $this->following[$string][$index] + ($before === null ? 0.0 : $this->penalty($string - 1, $before, $index));
            }
            $before = (int) array_search(min($values), $values, true);
            foreach (array_keys($sums) as $tuning) {
                $sums[$tuning] += $each[$before]->tensionsN[$tuning];
            }
        }

        return $sums;
    }

    /** @return list<list<float>> */
    private function leastTotals(): array
    {
        $tunings = count($this->coupling->mostN);
        $least = [$this->strings => array_fill(0, $tunings, 0.0)];
        for ($string = $this->strings - 1; $string >= 0; $string--) {
            $least[$string] = $least[$string + 1];
            foreach (array_keys($least[$string]) as $tuning) {
                $least[$string][$tuning] += min(array_map(static fn (Candidate $candidate): float => $candidate->tensionsN[$tuning], $this->candidates[$string]));
            }
        }
        ksort($least);

        return array_values(array_map(array_values(...), $least));
    }
}
