<?php

declare(strict_types=1);

namespace Lira\Strings;

/** The one place that decides which density of a string counts, and how sure a modelled one is. */
final class DensityModel
{
    /** Diameter tolerance of drawn plain wire, millimetres; mass goes with its square. */
    private const PLAIN_DIAMETER_MM = 0.0025;

    private const PLAIN_DENSITY = 0.003;

    private const WOUND = 0.05;

    private const POLYMER = 0.08;

    /**
     * The given density where there is one, else the modelled one, corrected where its family has measured samples.
     *
     * @param  list<Correction>  $corrections
     *
     * @throws InvalidString for polyurethane without a strung density: it stretches too far to be modelled
     */
    public static function of(StringSpec $spec, StringBuild $build, array $corrections = []): LinearDensity
    {
        $given = $spec->density;
        if ($build->core === null && ($given === null || $given->state !== State::Strung)) {
            throw InvalidString::elastomerNeedsMeasuring();
        }

        if ($given !== null) {
            return LinearDensity::given($given);
        }
        foreach ($corrections as $correction) {
            if ($correction->appliesTo($spec)) {
                return LinearDensity::corrected($build->kgPerM(), $correction);
            }
        }

        return LinearDensity::modelled($build->kgPerM(), self::modelledTolerance($build));
    }

    /**
     * Relative tolerance of the model: ±(2 · 0.0025 mm/d) and 0.3 % in quadrature for plain wire, ±5 % for wound,
     * ±8 % wherever a polymer carries the load, plain or as a core.
     */
    private static function modelledTolerance(StringBuild $build): float
    {
        return match (true) {
            $build->core?->material->properties()->polymer === true => self::POLYMER,
            $build->wraps !== [] => self::WOUND,
            default => hypot(2 * self::PLAIN_DIAMETER_MM / ($build->outerDiameterM * 1000), self::PLAIN_DENSITY),
        };
    }
}
