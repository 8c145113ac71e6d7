<?php

declare(strict_types=1);

namespace App\Console\Commands;

final class SetupCommand extends QuestionCommand
{
    protected $signature = 'lira:setup {file : A set and its tuning, with what was read if anything was, or - for standard input}
        {--table : Print what a person reads instead of JSON}';

    protected $description = 'Say how a set plays on its instrument: the whole neck in cents, the lowest clean action, what warmth does, as JSON';

    protected function asks(): string
    {
        return 'setups';
    }
}
