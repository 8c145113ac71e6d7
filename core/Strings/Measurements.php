<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;

/**
 * What measured samples say: a string of a gauge that was itself weighed takes what was weighed, others of its family a correction of
 * the model, and cores that were bared are known.
 */
final readonly class Measurements
{
    /**
     * @param  list<CorrectionLine>  $lines  of whole families
     * @param  array<string, Core>  $cores  by the exact type of string whose core was read
     * @param  array<string, GivenDensity>  $densities  by the exact type of string that was weighed
     */
    public function __construct(private array $lines = [], private array $cores = [], private array $densities = []) {}

    /**
     * @param  list<Sample>  $samples
     *
     * @throws InvalidString if a sample's string cannot be made or modelled
     */
    public static function of(array $samples, Kind $kind): self
    {
        $cores = [];
        $weighed = [];
        foreach ($samples as $sample) {
            $key = $sample->spec->type->key();
            if ($sample->spec->core !== null) {
                $cores[$key] = $sample->spec->core;
            }
            $weighed[$key][] = $sample;
        }

        return new self(CorrectionLine::fit($samples, $kind), $cores, array_map(Sample::together(...), $weighed));
    }

    public function areNone(): bool
    {
        return $this->lines === [];
    }

    /** The same string with what was read on samples of its very type, where its own is not known. */
    public function known(StringSpec $spec): StringSpec
    {
        $key = $spec->type->key();
        $core = StringBuild::guessesCore($spec) ? $this->cores[$key] ?? null : null;
        $density = $spec->density === null ? $this->densities[$key] ?? null : null;

        return $core === null && $density === null ? $spec : $spec->with($core, $density);
    }

    public function correctionOf(StringSpec $spec): ?Correction
    {
        foreach ($this->lines as $line) {
            if ($line->appliesTo($spec)) {
                return $line->at($spec->type->gauge);
            }
        }

        return null;
    }
}
