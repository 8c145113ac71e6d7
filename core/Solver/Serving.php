<?php

declare(strict_types=1);

namespace Lira\Solver;

/** Which of several tunings a set is chosen for: the worst of them, their mean, or one alone. */
final readonly class Serving
{
    private function __construct(private ?int $index = null, private bool $worst = false) {}

    public static function worst(): self
    {
        return new self(worst: true);
    }

    public static function mean(): self
    {
        return new self;
    }

    /** @param  int  $index  of the tuning, from 0 */
    public static function one(int $index): self
    {
        return new self($index);
    }

    /**
     * How far a gauge misses its target: (ln(T/T*))² of the worst tuning, their mean, or the one that counts.
     *
     * @param  non-empty-list<float>  $tensionsN  in each tuning
     */
    public function miss(array $tensionsN, float $targetN): float
    {
        if ($this->index !== null) {
            return log(($tensionsN[$this->index] ?? $tensionsN[0]) / $targetN) ** 2;
        }
        [$worst, $sum] = [0.0, 0.0];
        foreach ($tensionsN as $tensionN) {
            $miss = log($tensionN / $targetN) ** 2;
            $worst = max($worst, $miss);
            $sum += $miss;
        }

        return $this->worst ? $worst : $sum / count($tensionsN);
    }

    /**
     * The tension that counts towards a total: in the tuning that counts, else the mean of all.
     *
     * @param  non-empty-list<float>  $tensionsN  in each tuning
     */
    public function towardsTotalN(array $tensionsN): float
    {
        return $this->index !== null ? ($tensionsN[$this->index] ?? $tensionsN[0]) : array_sum($tensionsN) / count($tensionsN);
    }
}
