<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Finding\Suitability;
use Lira\Finding\ThickForScale;
use Lira\Finding\UnusualMake;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;

/**
 * What a choice would be warned of by itself, whatever stands beside it: that it may break (by the low figure), that it is too thick for its
 * scale, that nobody fits it so on such an instrument, or that the instrument neither bears nor hears it.
 */
final readonly class Cautions
{
    private function __construct(
        private SetDesign $design,
        private float $breakCaution,
        private float $mostThick,
        private Suitability $suits,
    ) {}

    public static function of(SetDesign $design, Limits $limits): self
    {
        return new self($design, $limits->of(Limit::BreakCaution), ThickForScale::most($design, $limits), Suitability::of($design));
    }

    /**
     * The first of them that a string meets.
     *
     * @param  int  $index  where it is, from 0
     * @param  non-empty-list<float>  $tensionsN  what it pulls there in each tuning
     */
    public function about(BuiltString $string, int $index, array $tensionsN): ?Warned
    {
        return match (true) {
            max($tensionsN) >= (Breaking::certainlyN($string, $this->breakCaution) ?? INF) => Warned::Breaks,
            $this->isThick($string, $index) => Warned::ThickForScale,
            UnusualMake::passes($string, $this->design, $index) !== null => Warned::PassesTable,
            $this->suits->isPulledApartBy($string) || ! $this->suits->isHeard($string) => Warned::Unsuitable,
            default => null,
        };
    }

    private function isThick(BuiltString $string, int $index): bool
    {
        $lengthM = $this->design->instrument->scale->speakingLengthM($index + 1, count($this->design->strings));

        return $string->build->core !== null && $string->build->outerDiameterM / $lengthM > $this->mostThick * (1 + 1e-9);
    }
}
