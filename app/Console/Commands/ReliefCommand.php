<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class ReliefCommand extends QuestionCommand
{
    protected $signature = 'lira:relief {file : What was recorded of tension and relief, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Say how relief will follow the pull of the strings, as JSON';

    protected function asks(): string
    {
        return 'reliefs';
    }
}
