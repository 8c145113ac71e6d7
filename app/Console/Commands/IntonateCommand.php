<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class IntonateCommand extends QuestionCommand
{
    protected $signature = 'lira:intonate {file : A set with open and stopped readings, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Say how far each saddle has to move, as JSON';

    protected function asks(): string
    {
        return 'intonations';
    }
}
