<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;

/** A string as described, as it is built, what it weighs, and how it pulls: everything about it but where it is strung. */
final readonly class BuiltString
{
    private function __construct(
        public StringSpec $spec,
        public StringBuild $build,
        public LinearDensity $density,
        public TensionLaw $tension,
    ) {}

    /**
     * @param  Kind  $kind  of the instrument it is made for: it decides the usual core
     * @param  list<Correction>  $corrections  that measured samples gave
     *
     * @throws InvalidString if it cannot be made as described, or is polyurethane without a strung density
     */
    public static function of(StringSpec $spec, Kind $kind, array $corrections = []): self
    {
        $build = StringBuild::of($spec, $kind);
        $density = DensityModel::of($spec, $build, $corrections);

        return new self($spec, $build, $density, TensionLaw::of($density, $build));
    }
}
