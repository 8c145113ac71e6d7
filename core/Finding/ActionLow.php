<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Instrument\Hand;
use Lira\Intonation\Saddles;
use Lira\Limit\Limits;
use Lira\Playing\CleanAction;
use Lira\Playing\WholeNeck;

/** An action, as it was measured, that is too low for the hand that is said to play it. */
final class ActionLow implements NeckRule
{
    /** Nobody sets an action more finely, metres. */
    private const JUST_M = 0.05e-3;

    public static function type(): FindingType
    {
        return new FindingType(
            'action-low',
            Place::Neck,
            'String {string} buzzes when it is picked [hand=soft|softly][hand=medium|with a medium hand][hand=hard|hard]: it wants {needed_mm:2} of action and has {action_mm:2}. It touches fret {over} first. [work=own|Raise its saddle, or give the neck a little more relief.][work=repairer|A repairer raises the saddle, or gives the neck a little more relief.]',
        );
    }

    public function find(SetDesign $design, WholeNeck $neck, Limits $limits): array
    {
        $found = [];
        $setup = $neck->setup;
        if ($design->hand === null || ! $setup->isMeasured('action_12_mm')) {
            return [];
        }
        $fixed = Saddles::of($design->instrument) === Saddles::Fixed;
        foreach ($neck->strings as $string) {
            $needed = self::of($string->cleanAction, $design->hand);
            if ($needed === null || $needed->actionM < $setup->action12M + self::JUST_M) {
                continue;
            }
            $found[] = self::type()->caution($fixed ? Remedy::Repairer : Remedy::Adjust, [
                'string' => $string->position,
                'hand' => $design->hand->value,
                'needed_mm' => 1000 * $needed->actionM,
                'action_mm' => 1000 * $setup->action12M,
                'over' => $needed->overFret,
                'work' => $fixed ? 'repairer' : 'own',
            ])->onString($string->position)->inTuning($design->tunings[$neck->tuning]->name)->measured(
                1000 * $setup->action12M,
                1000 * $needed->actionM,
                Unit::Millimetres,
                'A plucked string swings the wider the harder it is picked and the less it pulls; below that height it meets a fret.',
            );
        }

        return $found;
    }

    /** @param  array{soft: CleanAction, medium: CleanAction, hard: CleanAction}|null  $actions */
    private static function of(?array $actions, Hand $hand): ?CleanAction
    {
        return $actions[$hand->value] ?? null;
    }
}
