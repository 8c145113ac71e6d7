<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Tension\Tension;

/**
 * How one string answers to pitch and length: stretch-corrected where its density is known at rest, plain where it is
 * known as strung. Its tolerance is that of the density; newtons, metres, hertz.
 */
final readonly class TensionLaw
{
    private function __construct(private LinearDensity $density, private ?float $axialStiffnessN) {}

    /** A string without a modelled core (polyurethane) has only a strung density, so it needs no stiffness. */
    public static function of(LinearDensity $density, StringBuild $build): self
    {
        return new self($density, $density->state === State::Rest ? $build->core?->axialStiffnessN() : null);
    }

    public function tensionN(float $lengthM, float $hertz): float
    {
        return $this->withDensityN($this->density->kgPerM, $lengthM, $hertz);
    }

    /** The tension if the string is as light as its tolerance allows. */
    public function lowN(float $lengthM, float $hertz): float
    {
        return $this->withDensityN($this->density->lowKgPerM(), $lengthM, $hertz);
    }

    /** The tension if the string is as heavy as its tolerance allows. */
    public function highN(float $lengthM, float $hertz): float
    {
        return $this->withDensityN($this->density->highKgPerM(), $lengthM, $hertz);
    }

    /** The pitch at which it pulls this hard. */
    public function frequencyHz(float $tensionN, float $lengthM): float
    {
        return $this->axialStiffnessN === null
            ? Tension::frequencyStrungHz($tensionN, $this->density->kgPerM, $lengthM)
            : Tension::frequencyFromRestHz($tensionN, $this->density->kgPerM, $lengthM, $this->axialStiffnessN);
    }

    /** The speaking length at which it pulls this hard. */
    public function lengthM(float $tensionN, float $hertz): float
    {
        return $this->axialStiffnessN === null
            ? Tension::lengthStrungM($tensionN, $this->density->kgPerM, $hertz)
            : Tension::lengthFromRestM($tensionN, $this->density->kgPerM, $hertz, $this->axialStiffnessN);
    }

    private function withDensityN(float $kgPerM, float $lengthM, float $hertz): float
    {
        return $this->axialStiffnessN === null
            ? Tension::strungN($kgPerM, $lengthM, $hertz)
            : Tension::fromRestN($kgPerM, $lengthM, $hertz, $this->axialStiffnessN);
    }
}
