<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\Answer\GaugeLine;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\StringAtPitch;
use Lira\Evaluation\Total;
use Lira\Finding\Finding;
use Lira\Wording\Units;

/** An evaluation as it is read on the command line: every string in every tuning, the totals, its gauges in one line, and what was found. */
final class EvaluationTable
{
    /** @return list<ReadTable> */
    public static function of(SetDocument $document, Units $units): array
    {
        $assessment = $document->assessment();
        $tables = [];
        foreach ($document->design->tunings as $index => $tuning) {
            $rows = array_map(
                static fn (EvaluatedString $string): array => self::row($string, $string->tunings[$index], $units),
                $assessment->evaluation->strings,
            );
            $total = self::total($assessment->evaluation->totals[$index], $units);
            $tables[] = new ReadTable($tuning->name, ['', 'Pitch', 'Gauge', 'String', 'Tension', 'Change'], [...$rows, $total]);
        }
        $tables[] = new ReadTable('In one line', [''], [[GaugeLine::of(GaugeLine::types($document->design->strings), $units)]]);
        $found = array_map(static fn (Finding $finding): array => [$finding->severity->value, $finding->message($units)], $assessment->findings);

        return $found === [] ? $tables : [...$tables, new ReadTable('What was found', ['', ''], $found)];
    }

    /** @return list<string> */
    private static function row(EvaluatedString $string, StringAtPitch $at, Units $units): array
    {
        $type = $string->string->spec->type;

        return [
            (string) $string->position,
            $at->pitch->label(),
            $units->gaugeOnPaper($type->gauge),
            "{$type->construction->label()}, {$type->material->label()}",
            $units->tension($at->tensionN, $string->string->density->tolerance->share()),
            $at->change === null ? '' : Units::change($at->change->share()).", {$at->change->words()}",
        ];
    }

    /** @return list<string> */
    private static function total(Total $total, Units $units): array
    {
        return [
            'all', '', '', '', $units->tension($total->tensionN, $total->tolerance()),
            $total->change === null ? '' : Units::change($total->change->share()),
        ];
    }
}
