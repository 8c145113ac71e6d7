<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;
use Lira\Material\Material;

/**
 * How far the model is off for one family: strings of one construction and one wrap material. Measured samples fit a
 * factor (least squares, each weighted by how well it speaks for its family: its own tolerance, and how far a string of its gauge
 * may differ from the next one); neighbours of the samples are modelled with it.
 */
final readonly class Correction
{
    /** How far strings of one family differ among themselves, relative: what a factor cannot take away from a neighbour. */
    public const WITHIN_FAMILY = 0.015;

    private function __construct(
        public Construction $construction,
        public Material $material,
        public float $factor,
        public float $uncertainty,
        public int $samples,
    ) {}

    /**
     * One correction for each family that has samples: factor Σwr/Σw over r = measured/modelled, w = 1/(tolerance² + own²).
     *
     * Its uncertainty is the larger of what the tolerances give, 1/√Σw, and what the scatter of the samples gives. One
     * sample has no scatter: the spread within a family, {@see self::WITHIN_FAMILY}, stands in for it.
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
            $families[$sample->spec->type->family()][] = [
                $sample,
                $sample->restKgPerM / $build->kgPerM(),
                1 / max(hypot($sample->tolerance, Tolerance::modelled($build)->own), 1e-6) ** 2,
            ];
        }

        return array_values(array_map(self::ofFamily(...), $families));
    }

    public function appliesTo(StringSpec $spec): bool
    {
        return $spec->type->construction === $this->construction && $spec->type->material === $this->material;
    }

    /** @param  non-empty-list<array{Sample, float, float}>  $family  each with its ratio to the model, and its weight */
    private static function ofFamily(array $family): self
    {
        [$weights, $sum] = [0.0, 0.0];
        foreach ($family as [, $ratio, $weight]) {
            $weights += $weight;
            $sum += $weight * $ratio;
        }
        $factor = $sum / $weights;
        $count = count($family);
        $scatter = self::WITHIN_FAMILY;
        if ($count > 1) {
            $squares = array_map(static fn (array $one): float => ($one[1] - $factor) ** 2 * $one[2], $family);
            $scatter = sqrt(array_sum($squares) / ($count - 1) / $weights);
        }
        $spec = $family[0][0]->spec;

        return new self($spec->type->construction, $spec->type->material, $factor, max(1 / sqrt($weights), $scatter), $count);
    }
}
