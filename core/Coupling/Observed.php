<?php

declare(strict_types=1);

namespace Lira\Coupling;

/** What turning one tuner did to the other strings, heard just before and just after. */
final readonly class Observed
{
    /** Half a cent is what a reading is good to. */
    private const READ_CENTS = 0.5;

    /**
     * @param  float  $changeN  of the string that was turned, not 0
     * @param  float  $stiffnessNPerM  its own
     * @param  non-empty-list<array{stiffnessNPerM: float, changeN: float, tensionN: float}>  $others
     */
    public function __construct(public float $changeN, public float $stiffnessNPerM, public array $others) {}

    /** r/(1 − r (K − k_i)), r = −Σ k_j ΔT_j/(ΔT_i Σ k_j²); below 0 it is 0. Metres per newton. */
    public function complianceMPerN(): float
    {
        $response = -array_sum(array_map(static fn (array $other): float => $other['stiffnessNPerM'] * $other['changeN'], $this->others))
            / ($this->changeN * $this->squares());
        $rest = 1 - $response * $this->othersNPerM();

        return $rest <= 0.0 ? INF : max(0.0, $response / $rest);
    }

    /** How much it counts beside others: ΔT_i² Σ k_j². */
    public function weight(): float
    {
        return $this->changeN ** 2 * $this->squares();
    }

    /**
     * (1 + C (K − k_i))² √2 σ_T/(|ΔT_i| √Σ k_j²), σ_T the tension of half a cent.
     *
     * @param  float  $complianceMPerN  as it is taken to be
     */
    public function standardErrorMPerN(float $complianceMPerN): float
    {
        $perCent = self::READ_CENTS * M_LN2 / 600;
        $spread = sqrt(array_sum(array_map(
            static fn (array $other): float => ($other['stiffnessNPerM'] * $perCent * $other['tensionN']) ** 2,
            $this->others,
        )));

        return (1 + $complianceMPerN * $this->othersNPerM()) ** 2 * M_SQRT2 * $spread / (abs($this->changeN) * $this->squares());
    }

    /**
     * What several of them say together.
     *
     * @param  non-empty-list<self>  $observations
     * @return array{complianceMPerN: float, standardErrorMPerN: float}
     */
    public static function together(array $observations): array
    {
        $weights = array_sum(array_map(static fn (self $each): float => $each->weight(), $observations));
        $compliance = array_sum(array_map(static fn (self $each): float => $each->weight() * $each->complianceMPerN(), $observations)) / $weights;
        $precision = array_sum(array_map(static fn (self $each): float => $each->standardErrorMPerN($compliance) ** -2, $observations));

        return ['complianceMPerN' => $compliance, 'standardErrorMPerN' => 1 / sqrt($precision)];
    }

    private function squares(): float
    {
        return array_sum(array_map(static fn (array $other): float => $other['stiffnessNPerM'] ** 2, $this->others));
    }

    private function othersNPerM(): float
    {
        return array_sum(array_column($this->others, 'stiffnessNPerM'));
    }
}
