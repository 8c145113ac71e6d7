<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;

/** What measured samples say about strings that were not measured themselves: corrections of the model, and cores that were bared. */
final readonly class Measurements
{
    /**
     * @param  list<Correction>  $corrections  of whole families
     * @param  array<string, Core>  $cores  by the exact type of string whose core was read
     */
    public function __construct(public array $corrections = [], private array $cores = []) {}

    /**
     * @param  list<Sample>  $samples
     *
     * @throws InvalidString if a sample's string cannot be made or modelled
     */
    public static function of(array $samples, Kind $kind): self
    {
        $cores = [];
        foreach ($samples as $sample) {
            if ($sample->spec->core !== null) {
                $cores[$sample->spec->type->key()] = $sample->spec->core;
            }
        }

        return new self(Correction::fit($samples, $kind), $cores);
    }

    public function areNone(): bool
    {
        return $this->corrections === [] && $this->cores === [];
    }

    /** The same string with the core that was read on a sample of it, where its own is not known. */
    public function known(StringSpec $spec): StringSpec
    {
        $core = StringBuild::guessesCore($spec) ? $this->cores[$spec->type->key()] ?? null : null;

        return $core === null ? $spec : $spec->withCore($core);
    }

    public function correctionOf(StringSpec $spec): ?Correction
    {
        foreach ($this->corrections as $correction) {
            if ($correction->appliesTo($spec)) {
                return $correction;
            }
        }

        return null;
    }
}
