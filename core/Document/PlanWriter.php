<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Fitting\Caution;
use Lira\Fitting\Figure;
use Lira\Fitting\Part;
use Lira\Fitting\Plan;
use Lira\Fitting\PlannedString;
use Lira\Fitting\School\Chosen;
use Lira\Fitting\School\School;
use Lira\Fitting\Step;
use Lira\Wording\Units;

/** Writes how to fit a set as `lira-plan`, version 1. Lengths in millimetres, tensions in newtons. */
final class PlanWriter
{
    public const FORMAT = 'lira-plan';

    public const VERSION = 1;

    /**
     * @param  list<string>  $unknownKeys  JSON Pointers of keys of the document and its job that mean nothing here
     * @param  ?Units  $units  that its sentences are written in; SI where none are given
     * @return FittingPlanJson
     */
    public static function toArray(Plan $plan, array $unknownKeys, ?Units $units = null): array
    {
        $units ??= Units::si();

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $plan->name,
            'schools' => array_map(static fn (Chosen $chosen): array => [
                'aspect' => $chosen->school::aspect(),
                'chosen' => $chosen->school->value,
                'reason' => $chosen->reason,
                'others' => array_map(static fn (School $other): string => $other->value, $chosen->others()),
            ], $plan->schools->all()),
            'assumed' => array_map(static fn (string $what, float|string $value): array => ['what' => $what, 'value' => $value], array_keys($plan->assumed), array_values($plan->assumed)),
            'strings' => array_map(self::string(...), $plan->strings),
            'steps' => array_map(static fn (int $index, Step $step): array => self::step($index, $step, $units), array_keys($plan->steps), $plan->steps),
            ...($unknownKeys === [] ? [] : ['unknown_keys' => $unknownKeys]),
        ];
    }

    /** @return StringPlannedJson */
    private static function string(PlannedString $string): array
    {
        return [
            'position' => $string->position,
            'turns' => $string->turns,
            'slack_mm' => self::mm($string->slackM),
            'cut_past_post_mm' => self::mm($string->cutPastPostM),
            'posts_past' => $string->postsPast,
            'fold_back_mm' => self::mm($string->foldBackM),
            'lift_at_12_mm' => self::mm($string->liftAt12M),
            'stretch_mm' => self::mm($string->stretchM),
            'winds' => $string->winds?->value,
            'length_needed_mm' => self::mm($string->neededM),
            'alike' => $string->alike,
            'anchor' => $string->anchor->value,
            'tied_under' => $string->under,
            'post' => $string->post->value,
            'tail' => ['step' => $string->tail->step, 'mm' => self::mm($string->tail->leftM)],
        ];
    }

    /** @return FittingStepJson */
    private static function step(int $index, Step $step, Units $units): array
    {
        return [
            'number' => $index + 1,
            'key' => $step->key,
            'phase' => $step->phase->value,
            'position' => $step->position,
            'do' => $step->do->text($units),
            'lines' => $step->lines->lines($units),
            'brief' => $step->lines->brief($units),
            'done_when' => $step->doneWhen?->text($units),
            'figures' => array_map(
                static fn (Figure $figure): array => self::figure($figure, $units),
                $step->figures,
            ),
            'caution' => $step->cautions === [] ? null
                : implode(' ', array_map(static fn (Caution $caution): string => $caution->sentence(), $step->cautions)),
            'pull_after_n' => $step->pullAfterN,
            'rests_s' => $step->restsS,
            'parts' => array_map(static fn (Part $part): array => [
                'key' => $part->key,
                'lead' => $part->lead,
                'do' => $part->do->statement()->text($units),
                'lines' => $part->do->lines($units),
                'brief' => $part->do->brief($units),
                'done_when' => $part->doneWhen?->text($units),
                'figure' => $part->figure === null ? null : self::figure($part->figure, $units),
            ], $step->parts),
        ];
    }

    /** @return FittingFigureJson */
    private static function figure(Figure $figure, Units $units): array
    {
        return ['name' => $figure->name, 'value' => $figure->value, 'said' => $figure->said($units), 'plain' => $figure->plain($units)];
    }

    /** @return ($metres is null ? null : float) */
    private static function mm(?float $metres): ?float
    {
        return $metres === null ? null : round(1000 * $metres, 3);
    }
}
