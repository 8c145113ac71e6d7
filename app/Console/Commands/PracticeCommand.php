<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class PracticeCommand extends QuestionCommand
{
    protected $signature = 'lira:practice {file : A set with what was done to its simulated instrument, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Read an instrument that is not there, after all that was done to it, as JSON';

    protected function asks(): string
    {
        return 'practices';
    }
}
