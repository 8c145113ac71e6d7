<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class LifeCommand extends QuestionCommand
{
    protected $signature = 'lira:life {file : Hours of strings that ended and of those still on, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Say how long such strings last, and how sure that is, as JSON';

    protected function asks(): string
    {
        return 'lives';
    }
}
