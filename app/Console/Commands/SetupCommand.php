<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\NeckTable;
use Lira\Document\Asked\Questions;
use Lira\Document\Asked\SetupQuestion;
use Lira\Wording\Units;

final class SetupCommand extends QuestionCommand
{
    protected $signature = 'lira:setup {file : A set and its tuning, with what was read if anything was, or - for standard input}
        {--table : Print what a person reads instead of JSON}
        {--units= : The units of the table, such as in+lbf}';

    protected $description = 'Say how a set plays on its instrument: the whole neck in cents, the lowest clean action, what warmth does, as JSON';

    protected function asks(): string
    {
        return 'setups';
    }

    protected function tables(\stdClass $json): array
    {
        return NeckTable::of(Questions::read(SetupQuestion::class, $json), Units::named((string) $this->option('units')));
    }
}
