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
        return new self($density, $density->state === State::Rest ? $build->core?->slackStiffnessN() : null);
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

    /** The tension if its density is more by this share than it is taken to be. */
    public function heavierByN(float $share, float $lengthM, float $hertz): float
    {
        return $this->withDensityN($this->density->kgPerM * (1 + $share), $lengthM, $hertz);
    }

    /** The square of the speed of waves along it at some tension, (2 L f)² = T/μ: the same for any length. m²/s². */
    public function speedSquared(float $tensionN): float
    {
        return (2 * $this->frequencyHz($tensionN, 1.0)) ** 2;
    }

    /** The tension at which waves run so fast along it. @param  float  $squared  of their speed, m²/s² */
    public function atSpeedN(float $squared): float
    {
        return $this->tensionN(1.0, sqrt($squared) / 2);
    }

    private function withDensityN(float $kgPerM, float $lengthM, float $hertz): float
    {
        return $this->axialStiffnessN === null
            ? Tension::strungN($kgPerM, $lengthM, $hertz)
            : Tension::fromRestN($kgPerM, $lengthM, $hertz, $this->axialStiffnessN);
    }
}
