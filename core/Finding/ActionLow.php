<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Instrument\Hand;
use Lira\Intonation\Saddles;
use Lira\Limit\Limits;
use Lira\Playing\CleanAction;
use Lira\Playing\WholeNeck;
use Lira\Wording\Listed;

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
            'String {string} buzzes when it is picked [hand=soft|softly][hand=medium|with a medium hand][hand=hard|hard]: it wants {needed_mm:2} of action and has {action_mm:2}. It touches fret {over} first.[likewise=others| Too low for {strings} as well.][likewise=none|] [work=own|Raise the action at the bridge, or give the neck a little more relief.][work=repairer|A repairer raises the action at the bridge, or gives the neck a little more relief.]',
        );
    }

    public function find(SetDesign $design, WholeNeck $neck, Limits $limits): array
    {
        $setup = $neck->setup;
        if ($design->hand === null || ! $setup->isMeasured('action_12_mm')) {
            return [];
        }
        $needs = [];
        foreach ($neck->strings as $string) {
            $needed = self::of($string->cleanAction, $design->hand);
            if ($needed !== null && $needed->actionM >= $setup->action12M + self::JUST_M) {
                $needs[$string->position] = $needed;
            }
        }
        if ($needs === []) {
            return [];
        }
        // An action is set once for all strings: the one that asks for most says how high.
        uasort($needs, static fn (CleanAction $one, CleanAction $other): int => $other->actionM <=> $one->actionM);
        [$position, $needed] = [array_key_first($needs), reset($needs)];
        $others = array_values(array_diff(array_keys($needs), [$position]));
        sort($others);
        $fixed = Saddles::of($design->instrument) === Saddles::Fixed;

        return [self::type()->caution($fixed ? Remedy::Repairer : Remedy::Adjust, [
            'string' => $position,
            'hand' => $design->hand->value,
            'needed_mm' => 1000 * $needed->actionM,
            'action_mm' => 1000 * $setup->action12M,
            'over' => $needed->overFret,
            'likewise' => $others === [] ? 'none' : 'others',
            'strings' => Listed::strings($others),
            'work' => $fixed ? 'repairer' : 'own',
        ])->onString($position)->inTuning($design->tunings[$neck->tuning]->name)->measured(
            1000 * $setup->action12M,
            1000 * $needed->actionM,
            Unit::Millimetres,
            'A plucked string swings the wider the harder it is picked and the less it pulls; below that height it meets a fret.',
        )];
    }

    /** @param  array{soft: CleanAction, medium: CleanAction, hard: CleanAction}|null  $actions */
    private static function of(?array $actions, Hand $hand): ?CleanAction
    {
        return $actions[$hand->value] ?? null;
    }
}
