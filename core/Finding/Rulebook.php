<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;
use Lira\Playing\WholeNeck;

/** Every rule there is, in the order in which a technician goes through them. */
final class Rulebook
{
    /** @return list<non-empty-list<Rule>> what is looked at together, string by string */
    public static function rules(): array
    {
        return [
            [new BreakRisk],
            [new TooSlack],
            [new HardOnTheHand],
            [new TotalOverMaximum, new TotalChange],
            [new SteelOnNylon, new NotMagnetic, new BronzeOnMagnetic],
            [new WrongEnd, new TiedLoop],
            [new NutSlotNarrow, new NutSlotWide, new NutAngle, new NutSteep],
            [new PostHole, new MoreTurns],
            [new SaddleTravel, new SaddleAngle, new SaddleSteep],
            [new StringTooShort],
            [new SpringBalance],
            [new ThickForScale, new UnusualMake],
            [new DullString],
            [new NeighbourJump],
            [new GaugeOrder],
        ];
    }

    /** @return non-empty-list<NeckRule> what is looked for in how it plays */
    public static function neckRules(): array
    {
        return [new ActionLow, new FretOut, new NutToMove];
    }

    /** @return list<FindingType> */
    public static function types(): array
    {
        return array_map(static fn (Rule $rule): FindingType => $rule::type(), array_merge(...self::rules()));
    }

    /** @return list<FindingType> */
    public static function neckTypes(): array
    {
        return array_map(static fn (NeckRule $rule): FindingType => $rule::type(), self::neckRules());
    }

    /** @return list<Finding> what is to be said of how it plays, cautions first */
    public static function lookAlong(SetDesign $design, WholeNeck $neck, Limits $limits): array
    {
        $found = [];
        foreach (self::neckRules() as $rule) {
            array_push($found, ...$rule->find($design, $neck, $limits));
        }

        return self::graveFirst($found);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> what must stop one first, then cautions, then notes, each in its order
     */
    public static function graveFirst(array $findings): array
    {
        $found = [];
        foreach ($findings as $finding) {
            $found[$finding->severity->value][] = $finding;
        }

        return [...$found[Severity::Stop->value] ?? [], ...$found[Severity::Caution->value] ?? [], ...$found[Severity::Note->value] ?? []];
    }

    /** @return list<Finding> what must stop one first, then cautions, then notes */
    public static function look(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach (self::rules() as $together) {
            array_push($found, ...self::found($together, $design, $evaluation, $limits));
        }

        return self::graveFirst($found);
    }

    /**
     * @param  non-empty-list<Rule>  $rules
     * @return list<Finding> string 1 first, what is about all of them last
     */
    private static function found(array $rules, SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($rules as $rule) {
            array_push($found, ...$rule->find($design, $evaluation, $limits));
        }
        if (count($rules) > 1) {
            usort($found, static fn (Finding $a, Finding $b): int => ($a->position ?? PHP_INT_MAX) <=> ($b->position ?? PHP_INT_MAX));
        }

        return $found;
    }
}
