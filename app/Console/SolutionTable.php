<?php

declare(strict_types=1);

namespace App\Console;

use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Finding\Finding;
use Lira\Solver\ChosenString;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;
use Lira\Solver\Solution;
use Lira\Wording\Units;

/** The best sets as they are read on the command line: a column for each, string by string, and what was found of the best. */
final class SolutionTable
{
    /**
     * @return list<ReadTable>
     *
     * @throws InvalidDocument with every problem and its path, or the string and the limit that rule every set out
     */
    public static function of(SetDocument $document, Units $units): array
    {
        try {
            $solutions = SetSolver::solve($document->design, $document->brief())->solutions;
        } catch (NoSolution $none) {
            throw Answers::unsolved($none);
        }
        $rows = [];
        foreach (array_keys($document->design->strings) as $index) {
            $rows[] = [
                (string) ($index + 1),
                ...array_map(static fn (Solution $solution): string => self::cell($solution->strings[$index], $units), $solutions),
            ];
        }
        $rows[] = ['all', ...array_map(static fn (Solution $solution): string => $units->force($solution->totalsN[0]), $solutions)];
        $heads = array_map(static fn (int $place): string => $place === 0 ? 'Best' : 'No. '.($place + 1), array_keys($solutions));
        $best = new ReadTable($document->design->tunings[0]->name, ['', ...$heads], $rows);
        $found = array_map(
            static fn (Finding $finding): array => [$finding->severity->value, $finding->message($units)],
            $document->assessmentOf($solutions[0]->on($document->design), $document->baselineEvaluation())->findings,
        );

        return $found === [] ? [$best] : [$best, new ReadTable('What was found of the best', ['', ''], $found)];
    }

    private static function cell(ChosenString $string, Units $units): string
    {
        $type = $string->chosen->string->spec->type;
        $tension = $units->tension($string->chosen->tensionsN[0], $string->chosen->string->density->tolerance->share());

        return "{$units->gaugeOnPaper($type->gauge)} {$type->construction->label()}  {$tension}";
    }
}
