<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;

/**
 * How far the model is off for one family, strings of one construction and one wrap material: a line in the gauge,
 * ln(measured/modelled) = a + s · log2(gauge/32 thousandths). Before anything is weighed a ~ N(0, half the family's bound) and
 * s ~ N(0, 0.015); each sample weighs with its own error and its scale's. So one weighed string sharpens its neighbours much and
 * those far off little, and two far apart sharpen all between them.
 *
 * Plain strings have no wrap that could go wrong with the gauge: they are shifted alone, by what their material may be off.
 */
final readonly class CorrectionLine
{
    private const AT_THOUSANDTHS = 32.0;

    private const SLOPE_SD = 0.015;

    /** Bounds are twice a standard deviation. */
    private const BOUND_SDS = 2.0;

    /** A scale that reads to the last figure still weighs with this, relative. */
    private const LEAST_SD = 1e-6;

    /**
     * @param  float  $offset  a, at 32 thousandths
     * @param  array{float, float, float}  $covariance  of a, of a with s, and of s
     */
    private function __construct(
        private Construction $construction,
        private Material $material,
        private float $offset,
        private float $slope,
        private array $covariance,
        private int $samples,
    ) {}

    /**
     * One line for each family that has samples.
     *
     * @param  list<Sample>  $samples
     * @return list<self> in the order in which the families first appear
     *
     * @throws InvalidString if a sample's string cannot be made or modelled
     */
    public static function fit(array $samples, Kind $kind): array
    {
        $families = [];
        foreach ($samples as $sample) {
            $build = StringBuild::of($sample->spec, $kind);
            if ($build->core === null) {
                throw InvalidString::elastomerHasNoModel();
            }
            $families[$sample->spec->type->family()][] = [$sample, $build];
        }

        return array_values(array_map(self::ofFamily(...), $families));
    }

    public function appliesTo(StringSpec $spec): bool
    {
        return $spec->type->construction === $this->construction && $spec->type->material === $this->material;
    }

    /** What it says at one gauge. */
    public function at(Length $gauge): Correction
    {
        $x = self::logGauge($gauge);
        [$ofOffset, $ofBoth, $ofSlope] = $this->covariance;

        return new Correction(
            exp($this->offset + $this->slope * $x),
            self::BOUND_SDS * sqrt(max(0.0, $ofOffset + 2 * $x * $ofBoth + $x ** 2 * $ofSlope)),
            $this->samples,
        );
    }

    private static function logGauge(Length $gauge): float
    {
        return log($gauge->inThousandths() / self::AT_THOUSANDTHS, 2);
    }

    /**
     * The posterior of a line under a normal prior and normal errors.
     *
     * @param  non-empty-list<array{Sample, StringBuild}>  $family
     */
    private static function ofFamily(array $family): self
    {
        [$first, $build] = $family[0];
        $tolerance = Tolerance::modelled($build);
        $hasWrap = $build->wraps !== [];
        $offsetSd = max($tolerance->common, $hasWrap ? 0.0 : Tolerance::ofMaterial()) / self::BOUND_SDS;
        // Precision of a, of both, of s; and what the samples pull them to.
        [$aa, $as, $ss] = [$offsetSd ** -2, 0.0, $hasWrap ? self::SLOPE_SD ** -2 : INF];
        [$toA, $toS] = [0.0, 0.0];
        foreach ($family as [$sample, $made]) {
            $x = $hasWrap ? self::logGauge($sample->spec->type->gauge) : 0.0;
            $y = log($sample->restKgPerM / $made->kgPerM());
            $weight = max(hypot($sample->tolerance, Tolerance::modelled($made)->own) / self::BOUND_SDS, self::LEAST_SD) ** -2;
            $aa += $weight;
            $as += $weight * $x;
            $ss += $weight * $x ** 2;
            $toA += $weight * $y;
            $toS += $weight * $x * $y;
        }
        if (! $hasWrap) {
            return new self($first->spec->type->construction, $first->spec->type->material, $toA / $aa, 0.0, [1 / $aa, 0.0, 0.0], count($family));
        }
        $determinant = $aa * $ss - $as ** 2;

        return new self(
            $first->spec->type->construction,
            $first->spec->type->material,
            ($ss * $toA - $as * $toS) / $determinant,
            ($aa * $toS - $as * $toA) / $determinant,
            [$ss / $determinant, -$as / $determinant, $aa / $determinant],
            count($family),
        );
    }
}
