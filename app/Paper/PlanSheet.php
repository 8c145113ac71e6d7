<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\StringSet;
use Lira\Document\SetDocument;
use Lira\Fitting\Caution;
use Lira\Fitting\Plan;
use Lira\Fitting\School\Chosen;
use Lira\Fitting\Step;
use Lira\Instrument\Assumed;
use Lira\Wording\Units;

/** How a set is put on its instrument, to be pinned to the wall: the schools, then one step after the other with room for a tick. */
final class PlanSheet
{
    /**
     * @param  SetDocument  $document  the set's own
     */
    public static function on(StringSet $set, SetDocument $document, Units $units, Leaf $leaf): string
    {
        $from = self::from($document);

        return self::of($set->name, $set->updated_at->toDateString(), $from, $from->plan(), $units, $leaf);
    }

    /**
     * A plan that some of may be done.
     *
     * @param  string  $changed  the day
     * @param  SetDocument  $from  whose plan it is
     */
    public static function of(string $name, string $changed, SetDocument $from, Plan $plan, Units $units, Leaf $leaf): string
    {
        $phases = array_map(static fn (array $stretch): array => [
            'phase' => $stretch['phase']->label(),
            'rows' => array_map(
                static fn (int $number, Step $step): array => self::row($number, $step, $units),
                array_keys($stretch['steps']),
                $stretch['steps'],
            ),
        ], $plan->stretches());

        return Sheet::of('sheets.plan', "{$name}: how it goes on", [
            'name' => $name,
            'instrument' => $from->design->instrument->name,
            'before' => $from->baseline?->name,
            'schools' => array_map(static fn (Chosen $chosen): array => [
                'what' => ucfirst(str_replace('-', ' ', $chosen->school::aspect())), 'label' => $chosen->school->label(), 'reason' => $chosen->reason,
            ], $plan->schools->all()),
            'steps' => $phases,
            'assumed' => Assumed::words($from->design->instrument->hardware, $units),
            'changed' => $changed,
        ], $leaf);
    }

    /** Only what is on this instrument can come off it: strings that were felt on another stay where they are. */
    private static function from(SetDocument $document): SetDocument
    {
        if ($document->baseline === null || $document->baseline->instrument->name === $document->design->instrument->name) {
            return $document;
        }
        $json = clone $document->json;
        unset($json->baseline);

        return SetDocument::from($json);
    }

    /** @return array{number: int, do: string, cautions: list<string>, done: ?string, pull: string} */
    private static function row(int $number, Step $step, Units $units): array
    {
        return [
            'number' => $number,
            'do' => $step->do->text($units),
            'cautions' => array_map(static fn (Caution $caution): string => $caution->sentence(), $step->cautions),
            'done' => $step->doneWhen?->text($units),
            'pull' => $units->force($step->pullAfterN),
        ];
    }
}
