<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** Every rule there is, in the order in which a technician goes through them. */
final class Rulebook
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new BreakRisk,
            new TooSlack,
            new HardOnTheHand,
            new TotalTension,
            new MaterialSuits,
            new EndSuits,
            new NutFit,
            new PostFit,
            new SaddleFit,
            new StringLength,
            new SpringBalance,
            new DullString,
            new NeighbourJump,
            new GaugeOrder,
        ];
    }

    /** @return list<Finding> what must stop one first, then cautions, then notes */
    public static function look(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach (self::rules() as $rule) {
            foreach ($rule->find($design, $evaluation, $limits) as $finding) {
                $found[$finding->severity->value][] = $finding;
            }
        }

        return [...$found[Severity::Stop->value] ?? [], ...$found[Severity::Caution->value] ?? [], ...$found[Severity::Note->value] ?? []];
    }
}
