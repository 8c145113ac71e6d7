<?php

declare(strict_types=1);

namespace Lira\Tension;

/**
 * The tension of a string and the questions turned round. SI throughout: newtons, metres, hertz, kg/m.
 *
 * Valid for an ideal flexible string: wrap friction and end stiffness are left out.
 */
final class Tension
{
    /** T = μ (2 L f)², for a density that already holds at pitch. */
    public static function strungN(float $kgPerM, float $lengthM, float $hertz): float
    {
        return $kgPerM * (2 * $lengthM * $hertz) ** 2;
    }

    /**
     * From a density at rest: the string stretches as it is tuned, μ = μ₀/(1 + T/EA), so
     * T = (EA/2)(√(1 + 4 μ₀ (2 L f)²/EA) − 1), written so that it keeps its figures when the stretch is small.
     *
     * @param  float  $axialStiffnessN  EA of the core, newtons
     */
    public static function fromRestN(float $restKgPerM, float $lengthM, float $hertz, float $axialStiffnessN): float
    {
        $unstretched = self::strungN($restKgPerM, $lengthM, $hertz);

        return 2 * $unstretched / (1 + sqrt(1 + 4 * $unstretched / $axialStiffnessN));
    }

    /** The pitch a tension gives, for a density at rest: f = √(T (1 + T/EA)/μ₀)/(2 L). */
    public static function frequencyFromRestHz(float $tensionN, float $restKgPerM, float $lengthM, float $axialStiffnessN): float
    {
        return sqrt($tensionN * (1 + $tensionN / $axialStiffnessN) / $restKgPerM) / (2 * $lengthM);
    }

    /** The pitch a tension gives, for a strung density: f = √(T/μ)/(2 L). */
    public static function frequencyStrungHz(float $tensionN, float $kgPerM, float $lengthM): float
    {
        return sqrt($tensionN / $kgPerM) / (2 * $lengthM);
    }

    /** The density at rest that a tension asks for: μ₀ = T (1 + T/EA)/(2 L f)². */
    public static function restDensityKgPerM(float $tensionN, float $lengthM, float $hertz, float $axialStiffnessN): float
    {
        return $tensionN * (1 + $tensionN / $axialStiffnessN) / (2 * $lengthM * $hertz) ** 2;
    }

    /** The strung density that a tension asks for: μ = T/(2 L f)². */
    public static function strungDensityKgPerM(float $tensionN, float $lengthM, float $hertz): float
    {
        return $tensionN / (2 * $lengthM * $hertz) ** 2;
    }

    /** The speaking length that a tension asks for, for a density at rest: L = √(T (1 + T/EA)/μ₀)/(2 f). */
    public static function lengthFromRestM(float $tensionN, float $restKgPerM, float $hertz, float $axialStiffnessN): float
    {
        return sqrt($tensionN * (1 + $tensionN / $axialStiffnessN) / $restKgPerM) / (2 * $hertz);
    }

    /** The speaking length that a tension asks for, for a strung density: L = √(T/μ)/(2 f). */
    public static function lengthStrungM(float $tensionN, float $kgPerM, float $hertz): float
    {
        return sqrt($tensionN / $kgPerM) / (2 * $hertz);
    }
}
