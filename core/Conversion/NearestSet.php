<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Material\Material;
use Lira\Solver\Brief;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;
use Lira\Solver\Solution;
use Lira\Strings\BuiltString;

/** The gauges that come nearest to what a converted set should feel like. */
final readonly class NearestSet
{
    /** Plain steel thicker than this is stiff, and wound strings thinner than this are hardly made; thousandths of an inch. */
    private const PLAIN_OR_WOUND = 20.0;

    private const ROUNDS = 3;

    private function __construct(private Conversion $conversion, private SetDesign $design, private Brief $brief) {}

    /**
     * Where no gauge keeps within what strings usually bear, up to what they can bear at all; the doubts then say so.
     *
     * @param  SetDesign  $design  what it is converted to, with the old strings still on it
     * @param  Brief  $brief  what it should feel like
     *
     * @throws NoSolution if the string and limit it names rule every set out
     */
    public static function of(Conversion $conversion, SetDesign $design, Brief $brief, Limits $limits): Solution
    {
        $nearest = new self($conversion, $design, $brief);
        foreach ([$limits->of(Limit::BreakCaution), $limits->of(Limit::BreakStop)] as $share) {
            try {
                return $nearest->plainOrWound($share);
            } catch (NoSolution) {
                continue;
            }
        }

        return $nearest->plainOrWound(1.0);
    }

    /**
     * Every string stays plain or wound as it was, unless it comes out too thick for the one or too thin for the other.
     *
     * @throws NoSolution if the string and limit it names rule every set out
     */
    private function plainOrWound(float $breakShare): Solution
    {
        $wound = array_map(
            fn (BuiltString $string, int $index): bool => $string->spec->type->construction->isWound()
                // What goes up an octave is begun plain: a wound string's core would not bear it.
                && ($this->conversion->kind !== ConversionKind::Octave || $index + 1 < $this->conversion->fromPosition),
            $this->design->strings,
            array_keys($this->design->strings),
        );
        $solution = $this->best($breakShare, $wound);
        for ($round = 1; $round < self::ROUNDS; $round++) {
            $changed = array_map(self::shouldBeWound(...), $solution->built(), $wound);
            if ($changed === $wound) {
                break;
            }
            $wound = $changed;
            $solution = $this->best($breakShare, $wound);
        }

        return $solution;
    }

    private static function shouldBeWound(BuiltString $string, bool $isWound): bool
    {
        $thousandths = $string->spec->type->gauge->inThousandths();
        $steel = $string->build->core?->material === Material::MusicWire;

        return match (true) {
            $steel && ! $isWound && $thousandths > self::PLAIN_OR_WOUND => true,
            $steel && $isWound && $thousandths < self::PLAIN_OR_WOUND => false,
            default => $isWound,
        };
    }

    /**
     * @param  list<bool>  $wound  by string
     *
     * @throws NoSolution if the string and limit it names rule every set out
     */
    private function best(float $breakShare, array $wound): Solution
    {
        $positions = static fn (bool $which): array => array_map(
            static fn (int $index): int => $index + 1,
            array_keys($wound, $which, true),
        );
        try {
            $solved = SetSolver::solve($this->design, $this->brief->asBuilt($breakShare, $positions(false), $positions(true)));
        } catch (NoSolution $none) {
            // As they were they would put a plain string below a wound one: then the best border is taken.
            $solved = $none->key === 'mixed' ? SetSolver::solve($this->design, $this->brief->asBuilt($breakShare, [], [])) : throw $none;
        }

        return $solved->solutions[0] ?? throw new \LogicException('A solved brief has a solution');
    }
}
