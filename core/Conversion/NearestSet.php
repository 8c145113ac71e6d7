<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Solver\Brief;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;
use Lira\Solver\Solution;

/** The gauges that come nearest to what a converted set should feel like. */
final class NearestSet
{
    /**
     * Where no gauge keeps within what strings usually bear, up to what they can bear at all; the doubts then say so.
     *
     * @param  SetDesign  $design  what it is converted to, with the old strings still on it
     * @param  Brief  $brief  what it should feel like, with the constructions that are kept
     *
     * @throws NoSolution if the string and limit it names rule every set out
     */
    public static function of(SetDesign $design, Brief $brief, Limits $limits): Solution
    {
        foreach ([$limits->of(Limit::BreakCaution), $limits->of(Limit::BreakStop)] as $share) {
            try {
                return self::best($design, $brief->bearing($share));
            } catch (NoSolution) {
                continue;
            }
        }

        return self::best($design, $brief->bearing(1.0));
    }

    /** @throws NoSolution */
    private static function best(SetDesign $design, Brief $brief): Solution
    {
        return SetSolver::solve($design, $brief)->solutions[0] ?? throw new \LogicException('A solved brief has a solution');
    }
}
