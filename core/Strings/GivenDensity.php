<?php

declare(strict_types=1);

namespace Lira\Strings;

/** A linear density that somebody supplied or measured, with its relative tolerance. */
final readonly class GivenDensity
{
    /** What a supplier's list is trusted to unless it says otherwise. */
    public const SUPPLIED_TOLERANCE = 0.015;

    private const LIGHTEST = 1e-5;

    private const HEAVIEST = 1.0;

    private function __construct(
        public float $kgPerM,
        public Source $source,
        public State $state,
        public float $tolerance,
    ) {}

    /**
     * @param  float  $kgPerM  0.00001 to 1 kg/m
     * @param  float  $tolerance  relative, 0 to 0.5
     *
     * @throws InvalidString out of range
     */
    public static function supplied(float $kgPerM, float $tolerance = self::SUPPLIED_TOLERANCE, State $state = State::Strung): self
    {
        return self::checked($kgPerM, Source::Supplied, $state, $tolerance);
    }

    /**
     * @param  float  $kgPerM  0.00001 to 1 kg/m
     * @param  float  $tolerance  relative, 0 to 0.5, from the instruments' own resolution
     *
     * @throws InvalidString out of range
     */
    public static function measured(float $kgPerM, float $tolerance, State $state = State::Rest): self
    {
        return self::checked($kgPerM, Source::Measured, $state, $tolerance);
    }

    private static function checked(float $kgPerM, Source $source, State $state, float $tolerance): self
    {
        if (! ($kgPerM >= self::LIGHTEST && $kgPerM <= self::HEAVIEST)) {
            throw InvalidString::densityOutOfRange();
        }
        if (! ($tolerance >= 0.0 && $tolerance <= 0.5)) {
            throw InvalidString::toleranceOutOfRange();
        }

        return new self($kgPerM, $source, $state, $tolerance);
    }
}
