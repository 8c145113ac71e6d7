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
    /** A quarter turn of a rod, or so. */
    private const LITTLE_RELIEF_M = 0.05e-3;

    /** What that has to do to be worth it. */
    private const SEEN_M = 0.02e-3;

    public static function type(): FindingType
    {
        return new FindingType(
            'action-low',
            Place::Neck,
            'String {string} buzzes when it is picked [hand=soft|softly][hand=medium|with a medium hand][hand=hard|hard]: it wants {needed_mm:2} of action and has {action_mm:2}. [at=open|Open][at=stopped|Stopped at fret {stopped}] it touches fret {over} first.[likewise=others| Too low for {strings} as well.][likewise=none|] [work=own|Raise the action at the bridge.][work=repairer|A repairer raises the action at the bridge.][relief=more| A little more relief lowers what it wants.][relief=less| A little less relief lowers what it wants.][relief=same|]',
        );
    }

    public function find(SetDesign $design, WholeNeck $neck, Limits $limits): array
    {
        $setup = $neck->setup;
        if ($design->hand === null || ! $setup->isMeasured('action_12_mm')) {
            return [];
        }
        // An action is set once for all strings: the one that asks for most says how high.
        $most = $neck->mostNeeded($design->hand);
        $tooLowFor = $setup->action12M + CleanAction::SET_TO_M;
        if ($most === null || $most[1]->actionM < $tooLowFor) {
            return [];
        }
        [$position, $needed] = $most;
        $others = [];
        foreach ($neck->strings as $string) {
            if ($string->position !== $position && (self::of($string->cleanAction, $design->hand)->actionM ?? 0.0) >= $tooLowFor) {
                $others[] = $string->position;
            }
        }
        $fixed = Saddles::of($design->instrument) === Saddles::Fixed;

        return [self::type()->caution($fixed ? Remedy::Repairer : Remedy::Adjust, [
            'string' => $position,
            'hand' => $design->hand->value,
            'needed_mm' => 1000 * $needed->actionM,
            'action_mm' => 1000 * $setup->action12M,
            'at' => $needed->stoppedAt === $neck->strings[$position - 1]->line->startFret ? 'open' : 'stopped',
            'stopped' => $needed->stoppedAt,
            'over' => $needed->overFret,
            'likewise' => $others === [] ? 'none' : 'others',
            'strings' => Listed::strings($others),
            'work' => $fixed ? 'repairer' : 'own',
            'relief' => self::helpedBy($neck, $position, $needed, $design->hand),
        ])->onString($position)->inTuning($design->tunings[$neck->tuning]->name)->measured(
            1000 * $setup->action12M,
            1000 * $needed->actionM,
            Unit::Millimetres,
            'A plucked string swings the wider the harder it is picked and the less it pulls; below that height it meets a fret.',
        )];
    }

    /** @return 'more'|'less'|'same' what relief would let the string lie lower by enough to be seen */
    private static function helpedBy(WholeNeck $neck, int $position, CleanAction $needed, Hand $hand): string
    {
        foreach (['more' => self::LITTLE_RELIEF_M, 'less' => -self::LITTLE_RELIEF_M] as $way => $byM) {
            $reliefM = $neck->setup->reliefM + $byM;
            $then = $reliefM < 0.0 ? null : self::of($neck->cleanActionWith($position, $reliefM), $hand);
            if ($then !== null && $then->actionM <= $needed->actionM - self::SEEN_M) {
                return $way;
            }
        }

        return 'same';
    }

    /** @param  array{soft: CleanAction, medium: CleanAction, hard: CleanAction}|null  $actions */
    private static function of(?array $actions, Hand $hand): ?CleanAction
    {
        return $actions[$hand->value] ?? null;
    }
}
