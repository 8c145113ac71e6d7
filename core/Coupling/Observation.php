<?php

declare(strict_types=1);

namespace Lira\Coupling;

/** Something that was read of strings whose tuners were turned, and what it says of how far their ends give. */
interface Observation
{
    /**
     * @param  array<int, float>  $stiffnessNPerM  of the strings, by position
     * @return float metres per newton, at least 0
     */
    public function complianceMPerN(array $stiffnessNPerM): float;

    /**
     * How much it counts beside others: the sum of the squares of what each string was moved by, for each metre per newton.
     *
     * @param  array<int, float>  $stiffnessNPerM  by position
     */
    public function weight(array $stiffnessNPerM): float;

    /**
     * What the spread of the readings alone makes unsure.
     *
     * @param  float  $complianceMPerN  as it is taken to be
     * @param  array<int, float>  $stiffnessNPerM  by position
     * @param  float  $readingSdCents  of one reading, above 0
     * @return float metres per newton, one standard deviation
     */
    public function readingErrorMPerN(float $complianceMPerN, array $stiffnessNPerM, float $readingSdCents): float;
}
