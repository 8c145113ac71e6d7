<?php

declare(strict_types=1);

namespace Lira\Solver;

/**
 * What ties the strings of a set together beyond neighbours: a total to hit, or one not to exceed.
 *
 * The search bounds it from below by a straight line in the total, so that each string can be judged on its own.
 */
final readonly class Coupling
{
    /** Weight of the total's own miss. */
    private const TOTAL_WEIGHT = 100.0;

    /** @param  list<float>  $mostN  the greatest total in each tuning, if there is one */
    private function __construct(public ?float $totalN, public array $mostN) {}

    public static function none(): self
    {
        return new self(null, []);
    }

    /**
     * @param  ?float  $totalN  the total aimed at, newtons
     * @param  list<float>  $mostN  the greatest total in each tuning, newtons; empty for none
     */
    public static function of(?float $totalN, array $mostN): self
    {
        return new self($totalN, $mostN);
    }

    /** 100 (ln(ΣT/T_total))², or nothing where no total is aimed at. */
    public function cost(float $sumN): float
    {
        return $this->totalN === null ? 0.0 : self::TOTAL_WEIGHT * log($sumN / $this->totalN) ** 2;
    }

    /** The slope of that cost at a total, per newton. */
    public function slope(float $sumN): float
    {
        return $this->totalN === null ? 0.0 : 2 * self::TOTAL_WEIGHT * log($sumN / $this->totalN) / $sumN;
    }

    /**
     * Whether the tangent at a total lies below the cost up to the greatest possible total. The cost is convex up to e
     * times the total aimed at and concave beyond, so both of those points decide it.
     */
    public function tangentHolds(float $atN, float $greatestN): bool
    {
        if ($this->totalN === null) {
            return true;
        }
        $tangent = fn (float $sumN): float => $this->cost($atN) + $this->slope($atN) * ($sumN - $atN);
        $turn = M_E * $this->totalN;

        return $atN <= $turn
            && ($greatestN <= $turn || ($tangent($turn) <= $this->cost($turn) && $tangent($greatestN) <= $this->cost($greatestN)));
    }

    /**
     * @param  list<float>  $sumsN  in each tuning
     */
    public function allows(array $sumsN): bool
    {
        foreach ($this->mostN as $tuning => $mostN) {
            if (($sumsN[$tuning] ?? 0.0) > $mostN * (1 + 1e-12)) {
                return false;
            }
        }

        return true;
    }
}
