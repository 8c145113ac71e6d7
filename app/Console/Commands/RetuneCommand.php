<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class RetuneCommand extends QuestionCommand
{
    protected $signature = 'lira:retune {file : A set with how far its strings are from their pitch, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Say where to leave each string in its turn, what the pass may leave and how many it takes, as JSON';

    protected function asks(): string
    {
        return 'retunings';
    }
}
