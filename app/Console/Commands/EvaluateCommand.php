<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\EvaluationTable;
use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Wording\Units;

final class EvaluateCommand extends AnswerCommand
{
    protected $signature = 'lira:evaluate {file : A set document, or - for standard input}
        {--table : Print what a person reads instead of JSON}
        {--units= : The units of the table, such as in+lbf}';

    protected $description = 'Compute every figure of a set document and print the evaluation as JSON';

    protected function tables(SetDocument $document, Units $units): array
    {
        return EvaluationTable::of($document, $units);
    }

    protected function answer(SetDocument $document): array
    {
        return Answers::evaluation($document);
    }
}
