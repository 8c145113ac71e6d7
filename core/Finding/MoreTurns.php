<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string that wants more turns than usual for its angle behind the nut. */
final class MoreTurns implements Rule
{
    /** Fewer than that on top of the usual is within how strings are wound anyway. */
    private const WORTH_SAYING = 0.5;

    public static function type(): FindingType
    {
        return new FindingType(
            'more-turns',
            Place::Post,
            'String {string} needs {turns:1} turns on its post for its angle behind the nut; {usual_turns:1} are usual. Leave {slack_mm:0}.',
            FitAspect::NutAngle,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $string) {
            $fit = $string->fit;
            if (
                $fit->turnsNeeded !== null
                && $fit->turnsNeeded + 1e-9 >= $fit->usualTurns + self::WORTH_SAYING
                && $fit->turns + 1e-9 >= $fit->turnsNeeded
            ) {
                $found[] = self::type()->note(
                    Remedy::Adjust,
                    [
                        'string' => $string->position,
                        'turns' => $fit->turns,
                        'usual_turns' => $fit->usualTurns,
                        'slack_mm' => $fit->leave->slackM * 1000,
                    ],
                )
                    ->onString($string->position)->measured(
                        $fit->turns,
                        $fit->usualTurns,
                        Unit::Turns,
                        'Each turn goes lower on the post and steepens the angle behind the nut; a thinner string goes down less with each.',
                    );
            }
        }

        return $found;
    }
}
