<?php

declare(strict_types=1);

namespace Lira\Life;

use Lira\Certainty\Gamma;
use Lira\Certainty\Interval;
use Lira\Certainty\Root;

/**
 * How long strings of a kind last, in hours played: a Weibull whose shape is learned too. For each shape k a gamma prior on the rate λ
 * of h^k, a = 1 and b = 1 in units of the usual median, so that of a new family half last that long; what was seen adds its weight to a
 * and its powers to b. Shapes weigh by how well they explain what was seen.
 */
final readonly class Life
{
    private const PRIOR_A = 1.0;

    private const PRIOR_B = 1.0;

    /** Four in five lie between these. */
    private const LOW = 0.1;

    private const HIGH = 0.9;

    /** A shape that explains what was seen so much worse than the best counts for nothing: e^−25. */
    private const HARDLY = -25.0;

    /** How far apart in hours anything is looked for: from a millionth of the usual median to a million of them. */
    private const FURTHEST = 13.8;

    /**
     * @param  float  $a  of the gamma on λ, the same for each shape
     * @param  list<array{shape: float, weight: float, b: float}>  $shapes  that count; their weights add up to 1
     * @param  float  $countsAs  so many strings that ended, were each on an instrument of its own
     * @param  int  $learnedFrom  so many strings that ended
     * @param  int  $changes  so many changes of strings that any of them ended
     */
    private function __construct(
        private float $usualMedianH,
        private float $a,
        private array $shapes,
        public float $countsAs,
        public int $learnedFrom,
        public int $changes,
    ) {}

    /**
     * @param  float  $usualMedianH  half of such strings last so long, before anything is known; above 0
     * @param  list<Together>  $groups
     */
    public static function of(float $usualMedianH, array $groups): self
    {
        return self::from(Seen::of($usualMedianH, $groups));
    }

    public static function from(Seen $seen): self
    {
        $a = self::PRIOR_A + $seen->weight;
        $logs = [];
        foreach (Shapes::all() as $index => $shape) {
            $logs[] = Shapes::logPrior($shape) + $seen->weight * log($shape) + ($shape - 1) * $seen->logs
                + self::PRIOR_A * log(self::PRIOR_B) - $a * log(self::PRIOR_B + $seen->powers[$index]);
        }
        $best = max($logs);
        $sum = array_sum(array_map(static fn (float $log): float => $log - $best < self::HARDLY ? 0.0 : exp($log - $best), $logs));
        $shapes = [];
        foreach (Shapes::all() as $index => $shape) {
            if ($logs[$index] - $best >= self::HARDLY) {
                $shapes[] = ['shape' => $shape, 'weight' => exp($logs[$index] - $best) / $sum, 'b' => self::PRIOR_B + $seen->powers[$index]];
            }
        }

        return new self($seen->usualMedianH, $a, $shapes, $seen->weight, $seen->ended, $seen->changes);
    }

    /** How alike they end: the mean of the shape; 1 by chance alone, 6 nearly all at once. */
    public function shape(): float
    {
        return array_sum(array_map(static fn (array $one): float => $one['weight'] * $one['shape'], $this->shapes));
    }

    /** The chance that one string is gone by then. @param  float  $hours  0 or more */
    public function gone(float $hours): float
    {
        $log = $hours <= 0.0 ? -INF : log($hours / $this->usualMedianH);

        return $this->overShapes(fn (float $shape, float $b): float => 1 - exp($this->a * log($b / ($b + exp($shape * $log)))));
    }

    /** The hours by which one string is gone with some chance. @param  float  $chance  between 0 and 1 */
    public function quantileH(float $chance): float
    {
        return $this->where(fn (float $hours): float => $this->gone($hours) - $chance);
    }

    /** How long half of them last: an estimate, and where that lies in 4 cases of 5. Hours. */
    public function medianH(): Interval
    {
        $at = fn (float $chance): float => $this->where(fn (float $hours): float => $this->medianIsAtMost($hours) - $chance);

        return Interval::around($at(0.5), $at(self::LOW), $at(self::HIGH));
    }

    /**
     * The share of such strings that last so long: as one string is likely to, and where the share lies in 4 cases of 5.
     *
     * @param  float  $hours  0 or more
     */
    public function survival(float $hours): Interval
    {
        if ($hours <= 0.0) {
            return Interval::exact(1.0);
        }
        $log = log($hours / $this->usualMedianH);
        // The share is exp(−λ h^k), so its chance to be at most s is that of λ to be at least −ln s/h^k. Looked for by −ln s.
        $atMost = fn (float $risk): float => $this->overShapes(
            fn (float $shape, float $b): float => Gamma::upTo($this->a, $b * $risk / exp($shape * $log)),
        );
        $share = fn (float $chance): float => exp(-exp((float) Root::ofRising(
            static fn (float $logRisk): float => $atMost(exp($logRisk)) - $chance,
            -self::FURTHEST * 2,
            self::FURTHEST * 4,
            1e-6,
        )));

        return Interval::around(1 - $this->gone($hours), $share(self::HIGH), $share(self::LOW));
    }

    /** The chance that half of them last no longer. */
    private function medianIsAtMost(float $hours): float
    {
        $log = log($hours / $this->usualMedianH);

        return $this->overShapes(fn (float $shape, float $b): float => 1 - Gamma::upTo($this->a, $b * M_LN2 / exp($shape * $log)));
    }

    /** @param  \Closure(float, float): float  $of  its shape and its b */
    private function overShapes(\Closure $of): float
    {
        $sum = 0.0;
        foreach ($this->shapes as ['shape' => $shape, 'weight' => $weight, 'b' => $b]) {
            $sum += $weight * $of($shape, $b);
        }

        return $sum;
    }

    /**
     * Where something that rises with the hours is zero.
     *
     * @param  \Closure(float): float  $rising
     */
    private function where(\Closure $rising): float
    {
        $log = Root::ofRising(fn (float $log): float => $rising($this->usualMedianH * exp($log)), -self::FURTHEST, self::FURTHEST, 1e-12);

        return $this->usualMedianH * exp($log ?? self::FURTHEST);
    }
}
