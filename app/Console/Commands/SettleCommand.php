<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class SettleCommand extends QuestionCommand
{
    protected $signature = 'lira:settle {file : A set with the drifts of its strings, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Say how many rounds new strings still need and when they hold, as JSON';

    protected function asks(): string
    {
        return 'settlings';
    }
}
