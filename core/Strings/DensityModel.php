<?php

declare(strict_types=1);

namespace Lira\Strings;

/** The one place that decides which density of a string counts, and how sure a modelled one is. */
final class DensityModel
{
    /**
     * The given density where there is one, else the modelled one, corrected where its family has measured samples.
     *
     * @throws InvalidString for polyurethane with a density at rest: how far it stretches as it is fitted is not known
     */
    public static function of(StringSpec $spec, StringBuild $build, Measurements $measurements = new Measurements): LinearDensity
    {
        $given = $spec->density;
        if ($build->core === null && $given?->state === State::Rest) {
            throw InvalidString::elastomerIsStretched();
        }
        if ($given !== null) {
            return LinearDensity::given($given);
        }
        if ($build->core === null) {
            return LinearDensity::strung($build->kgPerM(), Tolerance::modelled($build));
        }
        $correction = $measurements->correctionOf($spec);

        return $correction === null
            ? LinearDensity::modelled($build->kgPerM(), Tolerance::modelled($build))
            : LinearDensity::corrected($build->kgPerM(), $correction, Tolerance::corrected($build, $correction->uncertainty));
    }
}
