<?php

declare(strict_types=1);

namespace Lira\Strings;

/**
 * A string's linear density (its mass per length) in kg/m, where it came from, in what state, and how sure it is (a relative tolerance).
 */
final readonly class LinearDensity
{
    private function __construct(
        public float $kgPerM,
        public Source $source,
        public State $state,
        public float $tolerance,
        public ?Correction $correction = null,
    ) {}

    /** @param  float  $tolerance  relative */
    public static function modelled(float $kgPerM, float $tolerance): self
    {
        return new self($kgPerM, Source::Modelled, State::Rest, $tolerance);
    }

    /** Modelled, with the factor that measured samples of its family gave. */
    public static function corrected(float $kgPerM, Correction $correction): self
    {
        return new self($kgPerM * $correction->factor, Source::Modelled, State::Rest, $correction->tolerance(), $correction);
    }

    public static function given(GivenDensity $given): self
    {
        return new self($given->kgPerM, $given->source, $given->state, $given->tolerance);
    }

    public function lowKgPerM(): float
    {
        return $this->kgPerM * (1 - $this->tolerance);
    }

    public function highKgPerM(): float
    {
        return $this->kgPerM * (1 + $this->tolerance);
    }
}
