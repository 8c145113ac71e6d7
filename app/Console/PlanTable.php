<?php

declare(strict_types=1);

namespace App\Console;

use Lira\Fitting\Caution;
use Lira\Fitting\Plan;
use Lira\Fitting\School\Chosen;
use Lira\Fitting\Step;
use Lira\Wording\Units;

/** A plan as it is pinned to the wall: the schools with their reasons, then one step after the other, a phase a table. */
final class PlanTable
{
    /** So wide is a step's sentence before it goes on below. */
    private const WIDTH = 78;

    /** @return list<ReadTable> */
    public static function of(Plan $plan, Units $units): array
    {
        $tables = [new ReadTable('How it is done', ['', '', ''], array_map(
            static fn (Chosen $chosen): array => [str_replace('-', ' ', $chosen->school::aspect()), $chosen->school->label(), $chosen->reason],
            $plan->schools->all(),
        ))];
        foreach ($plan->stretches() as ['phase' => $phase, 'steps' => $steps]) {
            $rows = array_map(static fn (int $number, Step $step): array => self::rows($number, $step, $units), array_keys($steps), $steps);
            $tables[] = new ReadTable($phase->label(), ['', '', 'Pull after'], array_merge(...$rows));
        }

        return $tables;
    }

    /** @return list<list<string>> */
    private static function rows(int $number, Step $step, Units $units): array
    {
        $cautions = array_map(static fn (Caution $caution): string => 'Caution: '.$caution->sentence(), $step->cautions);
        $done = $step->doneWhen === null ? [] : ['Done when: '.$step->doneWhen->text($units)];
        $lines = explode("\n", implode("\n", array_map(
            static fn (string $text): string => self::wrapped($text),
            [$step->do->text($units), ...$cautions, ...$done],
        )));

        return array_map(
            static fn (string $line, int $at): array => [$at === 0 ? (string) $number : '', $line, $at === 0 ? $units->force($step->pullAfterN) : ''],
            $lines,
            array_keys($lines),
        );
    }

    private static function wrapped(string $text): string
    {
        return trim((string) preg_replace('/(.{1,'.self::WIDTH.'})(?:\s+|$)/u', "$1\n", $text));
    }
}
