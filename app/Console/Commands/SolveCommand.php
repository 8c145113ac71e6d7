<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Lira\Document\Answers;
use Lira\Document\SetDocument;

final class SolveCommand extends AnswerCommand
{
    protected $signature = 'lira:solve {file : A set document with a target, or - for standard input}';

    protected $description = 'Choose the best gauges for a set document and print up to five solutions as JSON';

    protected function answer(SetDocument $document): array
    {
        return Answers::solution($document);
    }
}
