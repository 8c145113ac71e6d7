<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanTable;
use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Wording\Units;

final class PlanCommand extends AnswerCommand
{
    protected $signature = 'lira:plan {file : A set document, or - for standard input}
        {--table : Print what a person reads instead of JSON}
        {--units= : The units of the table, such as in+lbf}';

    protected $description = 'Plan how to fit a set on its instrument, from what is on it now, and print the steps as JSON';

    protected function tables(SetDocument $document, Units $units): array
    {
        return PlanTable::of($document->plan(), $units);
    }

    protected function answer(SetDocument $document): array
    {
        return Answers::plan($document);
    }
}
