<?php

declare(strict_types=1);

namespace Lira\Life;

/**
 * How long strings of a kind last, in hours played: a Weibull of shape 2, h² λ its cumulated risk, with a gamma prior on λ that is worth
 * two strings. Each that ended counts; those still on, or changed early, tell that they lasted at least so long.
 */
final readonly class Life
{
    /** So many strings the prior is worth. */
    private const PRIOR_STRINGS = 2;

    /** Of the standard normal: 80 % lie within. */
    private const Z_80 = 1.28155;

    /**
     * @param  float  $shape  of the gamma on λ
     * @param  float  $rateH2  hours²
     * @param  int  $learnedFrom  so many strings that ended
     */
    private function __construct(private float $shape, private float $rateH2, public int $learnedFrom) {}

    /**
     * @param  float  $usualMedianH  half of such strings last so long, before anything is known; above 0
     * @param  list<float>  $endedH  hours of those that were dull, corroded or broke; 0 or more
     * @param  list<float>  $runningH  hours so far of those still on, and of those changed early
     */
    public static function of(float $usualMedianH, array $endedH, array $runningH): self
    {
        $squares = array_sum(array_map(static fn (float $hours): float => $hours ** 2, [...$endedH, ...$runningH]));

        return self::ofSums($usualMedianH, count($endedH), $squares);
    }

    /**
     * The same where sums are known already.
     *
     * @param  float  $usualMedianH  above 0
     * @param  int  $ended  so many ended; 0 or more
     * @param  float  $squaresH2  of the hours of all, those still on or changed early included; hours², 0 or more
     */
    public static function ofSums(float $usualMedianH, int $ended, float $squaresH2): self
    {
        return new self(self::PRIOR_STRINGS + $ended, self::PRIOR_STRINGS * $usualMedianH ** 2 / M_LN2 + $squaresH2, $ended);
    }

    /** Half of them last longer. Hours. */
    public function medianH(): float
    {
        return sqrt(M_LN2 * $this->rateH2 / $this->shape);
    }

    /** The median is no shorter than this in 9 of 10 such cases. Hours. */
    public function lowH(): float
    {
        return $this->medianAtH(self::Z_80);
    }

    /** And no longer than this. Hours. */
    public function highH(): float
    {
        return $this->medianAtH(-self::Z_80);
    }

    /** The share of such strings that last so long. @param  float  $hours  0 or more */
    public function survival(float $hours): float
    {
        return exp(-$this->shape / $this->rateH2 * $hours ** 2);
    }

    /**
     * Where that share lies in 8 of 10 such cases.
     *
     * @param  float  $hours  0 or more
     * @return array{low: float, high: float}
     */
    public function survivalRange(float $hours): array
    {
        return ['low' => exp(-$this->rateAt(self::Z_80) * $hours ** 2), 'high' => exp(-$this->rateAt(-self::Z_80) * $hours ** 2)];
    }

    private function medianAtH(float $z): float
    {
        return sqrt(M_LN2 / $this->rateAt($z));
    }

    /** A quantile of λ by Wilson and Hilferty's cube root of the gamma, 1/hours². */
    private function rateAt(float $z): float
    {
        return $this->shape / $this->rateH2 * (1 - 1 / (9 * $this->shape) + $z / (3 * sqrt($this->shape))) ** 3;
    }
}
