<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;
use Lira\Stiffness\Inharmonicity;
use Lira\Tension\Tension;

/**
 * A string that somebody measured, and what its density at rest came to. Its tolerance is that of the instruments alone:
 * their resolution, in quadrature.
 */
final readonly class Sample
{
    /** No weighing is surer than this, relative. */
    private const FINEST = 1e-6;

    private function __construct(public StringSpec $spec, public float $restKgPerM, public float $tolerance) {}

    /**
     * Weighed slack: μ₀ = m/l, relative tolerance √((δm/m)² + (δl/l)²).
     *
     * @param  float  $massKg  kilograms, above its resolution
     * @param  float  $lengthM  metres, above its resolution
     *
     * @throws InvalidString if a figure is not positive or not above its resolution
     */
    public static function weighed(StringSpec $spec, float $massKg, float $lengthM, float $massResolutionKg, float $lengthResolutionM): self
    {
        $mass = self::relative('mass', $massKg, $massResolutionKg);
        $length = self::relative('length', $lengthM, $lengthResolutionM);

        return self::checked($spec, $massKg / $lengthM, hypot($mass, $length));
    }

    /**
     * From the pitch of a known length under a known load: μ = T/(2 L f)², relative tolerance
     * √((δT/T)² + (2δf/f)² + (2δL/L)²). The load stretches the string, so its density at rest is μ (1 + T/EA). A stiff string held
     * at both ends sounds sharp of what its tension gives (a plain 22 by a hundredth): f is taken without that, by the factor of
     * clamped ends.
     *
     * @param  float  $loadN  newtons
     * @param  float  $hertz  of the fundamental
     *
     * @throws InvalidString if a figure is not positive or not above its resolution, or the string cannot be made
     */
    public static function sounded(
        StringSpec $spec,
        Kind $kind,
        float $loadN,
        float $hertz,
        float $lengthM,
        float $loadResolutionN,
        float $hertzResolution,
        float $lengthResolutionM,
    ): self {
        $load = self::relative('load', $loadN, $loadResolutionN);
        $pitch = self::relative('frequency', $hertz, $hertzResolution);
        $length = self::relative('length', $lengthM, $lengthResolutionM);
        $core = StringBuild::of($spec, $kind)->core ?? throw InvalidString::elastomerIsStretched();

        return self::checked(
            $spec,
            Tension::restDensityKgPerM(
                $loadN,
                $lengthM,
                $hertz / Inharmonicity::clampedFactor($core->bendingStiffnessNm2(), $loadN, $lengthM),
                $core->slackStiffnessN(),
            ),
            sqrt($load ** 2 + (2 * $pitch) ** 2 + (2 * $length) ** 2),
        );
    }

    /** As a density that a set document can carry. */
    public function density(): GivenDensity
    {
        return GivenDensity::measured($this->restKgPerM, $this->tolerance);
    }

    /**
     * What several samples of one type of string say together: their mean, each weighing with its tolerance.
     *
     * @param  non-empty-list<self>  $samples
     */
    public static function together(array $samples): GivenDensity
    {
        [$weights, $sum] = [0.0, 0.0];
        foreach ($samples as $sample) {
            $weight = max($sample->tolerance, self::FINEST) ** -2;
            $weights += $weight;
            $sum += $weight * $sample->restKgPerM;
        }

        return count($samples) === 1 ? $samples[0]->density() : GivenDensity::measured($sum / $weights, 1 / sqrt($weights));
    }

    private static function checked(StringSpec $spec, float $restKgPerM, float $tolerance): self
    {
        GivenDensity::measured($restKgPerM, $tolerance);

        return new self($spec, $restKgPerM, $tolerance);
    }

    private static function relative(string $what, float $value, float $resolution): float
    {
        if (! ($value > 0 && $resolution >= 0 && $resolution < $value && is_finite($value))) {
            throw InvalidString::measurementTooCoarse($what);
        }

        return $resolution / $value;
    }
}
