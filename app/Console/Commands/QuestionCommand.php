<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\AnswerTable;
use App\Console\PrintsTables;
use App\Console\ReadFile;
use App\Console\ReadTable;
use Illuminate\Console\Command;
use Lira\Document\Asked\Questions;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/**
 * Reads a question about an instrument in the hand and prints what the core answers, or a `lira-error` with exit code 2; with `--table`
 * what a person reads.
 */
abstract class QuestionCommand extends Command
{
    use PrintsTables;

    public function handle(): int
    {
        $json = fn (): \stdClass => Json::object(ReadFile::of((string) $this->argument('file')));

        return $this->printed(fn (): array => Questions::answer($this->asks(), $json()), fn (): array => $this->tables($json()));
    }

    /**
     * What a person reads.
     *
     * @return list<ReadTable>
     *
     * @throws InvalidDocument with every problem and its path
     */
    protected function tables(\stdClass $json): array
    {
        return AnswerTable::of(Questions::answer($this->asks(), $json));
    }

    /** @return key-of<Questions::ALL> */
    abstract protected function asks(): string;
}
