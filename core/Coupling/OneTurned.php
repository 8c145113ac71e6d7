<?php

declare(strict_types=1);

namespace Lira\Coupling;

/** What turning one tuner did to the other strings, heard just before and just after. */
final readonly class OneTurned implements Observation
{
    /**
     * @param  int  $position  of the string that was turned
     * @param  float  $changeN  of that string, not 0
     * @param  non-empty-array<int, array{changeN: float, tensionN: float}>  $others  by position, each with a stiffness above 0
     */
    public function __construct(private int $position, private float $changeN, private array $others) {}

    /** r/(1 − r (K − k_i)), r = −Σ k_j ΔT_j/(ΔT_i Σ k_j²); below 0 it is 0. */
    public function complianceMPerN(array $stiffnessNPerM): float
    {
        $moved = 0.0;
        foreach ($this->others as $position => ['changeN' => $changeN]) {
            $moved += $stiffnessNPerM[$position] * $changeN;
        }
        $response = -$moved / ($this->changeN * $this->squares($stiffnessNPerM));
        $rest = 1 - $response * $this->othersNPerM($stiffnessNPerM);

        return $rest <= 0.0 ? INF : max(0.0, $response / $rest);
    }

    /** ΔT_i² Σ k_j². */
    public function weight(array $stiffnessNPerM): float
    {
        return $this->changeN ** 2 * $this->squares($stiffnessNPerM);
    }

    /** (1 + C (K − k_i))² √2 σ_T/(|ΔT_i| √Σ k_j²), σ_T² = Σ k_j² σ_j²/Σ k_j², σ_j the tension on string j of a reading's spread. */
    public function readingErrorMPerN(float $complianceMPerN, array $stiffnessNPerM, float $readingSdCents): float
    {
        $spread = 0.0;
        foreach ($this->others as $position => ['tensionN' => $tensionN]) {
            $spread += ($stiffnessNPerM[$position] * $readingSdCents * M_LN2 / 600 * $tensionN) ** 2;
        }

        return (1 + $complianceMPerN * $this->othersNPerM($stiffnessNPerM)) ** 2 * M_SQRT2 * sqrt($spread)
            / (abs($this->changeN) * $this->squares($stiffnessNPerM));
    }

    /** @param  array<int, float>  $stiffnessNPerM */
    private function squares(array $stiffnessNPerM): float
    {
        return array_sum(array_map(static fn (int $position): float => $stiffnessNPerM[$position] ** 2, array_keys($this->others)));
    }

    /**
     * K − k_i: all that hang beside the one that was turned.
     *
     * @param  array<int, float>  $stiffnessNPerM
     */
    private function othersNPerM(array $stiffnessNPerM): float
    {
        return array_sum($stiffnessNPerM) - $stiffnessNPerM[$this->position];
    }
}
