<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Lira\Document\Answers;
use Lira\Document\SetDocument;

final class EvaluateCommand extends AnswerCommand
{
    protected $signature = 'lira:evaluate {file : A set document, or - for standard input}';

    protected $description = 'Compute every figure of a set document and print the evaluation as JSON';

    protected function answer(SetDocument $document): array
    {
        return Answers::evaluation($document);
    }
}
