<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SolutionTable;
use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Wording\Units;

final class SolveCommand extends AnswerCommand
{
    protected $signature = 'lira:solve {file : A set document with a target, or - for standard input}
        {--table : Print what a person reads instead of JSON}
        {--units= : The units of the table, such as in+lbf}';

    protected $description = 'Choose the best gauges for a set document and print up to five solutions as JSON';

    protected function tables(SetDocument $document, Units $units): array
    {
        return SolutionTable::of($document, $units);
    }

    protected function answer(SetDocument $document): array
    {
        return Answers::solution($document);
    }
}
