<?php

declare(strict_types=1);

namespace Lira\Strings;

/**
 * A string's linear density (its mass per length) in kg/m, where it came from, in what state, and how sure it is.
 */
final readonly class LinearDensity
{
    private function __construct(
        public float $kgPerM,
        public Source $source,
        public State $state,
        public Tolerance $tolerance,
        public ?Correction $correction = null,
    ) {}

    public static function modelled(float $kgPerM, Tolerance $tolerance): self
    {
        return new self($kgPerM, Source::Modelled, State::Rest, $tolerance);
    }

    /** Modelled as it is strung. */
    public static function strung(float $kgPerM, Tolerance $tolerance): self
    {
        return new self($kgPerM, Source::Modelled, State::Strung, $tolerance);
    }

    /** Modelled, with the factor that measured samples of its family gave. */
    public static function corrected(float $kgPerM, Correction $correction, Tolerance $tolerance): self
    {
        return new self($kgPerM * $correction->factor, Source::Modelled, State::Rest, $tolerance, $correction);
    }

    public static function given(GivenDensity $given): self
    {
        return new self($given->kgPerM, $given->source, $given->state, Tolerance::own($given->tolerance));
    }

    public function lowKgPerM(): float
    {
        return $this->kgPerM * (1 - $this->tolerance->share());
    }

    public function highKgPerM(): float
    {
        return $this->kgPerM * (1 + $this->tolerance->share());
    }
}
